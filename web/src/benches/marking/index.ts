import type { Bench } from '../bench';
import { pileNow } from './desk';

export const MARKING_BENCH: Bench = {
  name: 'marking',
  path: '/marking',
  title: 'Marking',
  load: () => import('./MarkingBench').then(({ MarkingBench }) => MarkingBench),
  kinds: ['pile'],
  open: () => {
    const open = pileNow();
    return open ? [open.id] : [];
  },
  keys: [
    ['enter', 'the next question; after the last, the next pupil'],
    ['arrows up, down', 'from question to question'],
    ['page down, page up', 'the next pupil, the one before'],
    ['+ or -', 'right or wrong, without the answer'],
  ],
  commands: [],
};
