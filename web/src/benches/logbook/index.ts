import { CLASS_DESK } from '../../documents/store/openClass';
import { openOf } from '../../documents/store/select';
import { useDocuments } from '../../documents/store/store';
import type { Bench } from '../bench';

export const LOGBOOK_BENCH: Bench = {
  name: 'logbook',
  path: '/logbook',
  title: 'Logbook',
  load: () => import('./LogbookBench').then(({ LogbookBench }) => LogbookBench),
  kinds: ['class'],
  open: () => {
    const open = openOf(useDocuments.getState().documents, 'class', CLASS_DESK.get().open ?? undefined);
    return open ? [open.id] : [];
  },
  keys: [['tab', 'from field to field']],
  commands: [],
};
