import type { Bench } from '../bench';
import { CLASS_DESK } from '../../documents/store/openClass';
import { openOf } from '../../documents/store/select';
import { useDocuments } from '../../documents/store/store';

const openClass = () => {
  const open = openOf(useDocuments.getState().documents, 'class', CLASS_DESK.get().open ?? undefined);
  return open ? [open.id] : [];
};

export const KEY_BENCH: Bench = {
  name: 'key',
  path: '/key',
  title: 'Key',
  load: () => import('./KeyBench').then(({ KeyBench }) => KeyBench),
  kinds: ['key', 'class'],
  open: openClass,
  keys: [
    ['1 – 7', 'go to that degree'],
    ['enter', 'add the chord to the progression'],
    ['t', 'mark the degree taught or not yet taught'],
  ],
  commands: [],
};
