import { QUALITIES } from '../../chordQualities';
import type { Mistake } from '../../mistakes/mistake';
import type { HeardChord } from './answer';
import type { HeardChordGiven } from './given';

const family = ({ size }: HeardChordGiven) => QUALITIES[size];

/** How chords are heard wrongly: another member for the root, or another quality. */
export const HEARD_CHORD_MISTAKES: readonly Mistake<HeardChordGiven, HeardChord>[] = [
  {
    id: 'inversion-heard',
    slips: ({ quality, inversion }, { size }) =>
      (size === 'triad' ? [0, 1, 2] : [0, 1, 2, 3])
        .filter((other) => other !== inversion)
        .map((other) => ({ quality, inversion: other })),
  },
  {
    id: 'quality-heard',
    slips: ({ quality, inversion }, given) =>
      family(given)
        .filter((other) => other !== quality)
        .map((other) => ({ quality: other, inversion })),
  },
];
