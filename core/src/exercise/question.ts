import type { IntervalWay } from '../working/intervalWorking';

/** What is given in a question as it travels: plain data, each field by its name. A kind knows its own fields. */
export type GivenData = Readonly<Record<string, unknown>>;

/** What makes a question hard: its parts, each above 0. */
export type DifficultyParts = Readonly<Record<string, number>>;

/** A question with all its right answers, in the shapes that docs/command.md gives by kind. */
export interface Question {
  readonly kind: string;
  readonly id: string;
  readonly given: GivenData;
  readonly answers: readonly unknown[];
  readonly difficulty: { readonly total: number; readonly parts: DifficultyParts };
}

/** A question as it is marked: what is right is worked out where it is not said. */
export type ToMark = Pick<Question, 'kind' | 'given'> & { readonly answers?: readonly unknown[] };

/** The ways of naming a chord that an answer page may show, beside the usual one of its kind. */
export const QUESTION_CHORD_WAYS = ['formula', 'half-steps'] as const;

/** In which way intervals and chords are worked out; each kind in its usual way where nothing is said. */
export interface WorkingWays {
  readonly intervals?: IntervalWay;
  readonly chords?: (typeof QUESTION_CHORD_WAYS)[number];
}
