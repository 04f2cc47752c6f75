import type { Bench } from '../bench';

export const INTERVALS_BENCH: Bench = {
  name: 'intervals',
  path: '/intervals',
  title: 'Intervals',
  load: () => import('./IntervalsBench').then(({ IntervalsBench }) => IntervalsBench),
  kinds: ['intervals'],
  open: () => [],
  keys: [
    ['a – g', 'enter a note of that letter'],
    ['[ ]', 'move the interval an octave down, up'],
  ],
  commands: [],
};
