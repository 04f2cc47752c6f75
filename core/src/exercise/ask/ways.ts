import type { IntervalWay } from '../../working/intervalWorking';

/** The ways of naming a chord that an answer page may show, beside the usual one of its kind. */
export const QUESTION_CHORD_WAYS = ['formula', 'half-steps'] as const;

/** In which way intervals and chords are worked out; each kind in its usual way where nothing is said. */
export interface WorkingWays {
  readonly intervals?: IntervalWay;
  readonly chords?: (typeof QUESTION_CHORD_WAYS)[number];
}
