import type { Bench } from '../bench';

export const CHORDS_BENCH: Bench = {
  name: 'chords',
  path: '/chords',
  title: 'Chords',
  load: () => import('./ChordsBench').then(({ ChordsBench }) => ChordsBench),
  kinds: ['chord'],
  open: () => [],
  keys: [['[ ]', 'turn the chord to the inversion below, above']],
  commands: [],
};
