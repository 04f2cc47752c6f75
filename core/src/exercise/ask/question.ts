import type { WorkingStep } from '../../working/step';
import type { Dice } from './dice';
import type { WorkingWays } from './ways';
import type { Material, MaterialField, MaterialText } from './material';

/** What is given in a question: plain data, texts as they are read elsewhere. */
export type Given = Readonly<Record<string, unknown>>;

/** What makes a question hard: its parts, each above 0. */
export type DifficultyParts = Readonly<Record<string, number>>;

/** A question with all its right answers, in the shapes that docs/command.md gives by kind. */
export interface Question {
  readonly kind: string;
  readonly id: string;
  readonly given: Given;
  readonly answers: readonly unknown[];
  readonly difficulty: { readonly total: number; readonly parts: DifficultyParts };
}

/** A question as it is marked: what is right is worked out where it is not said. */
export type ToMark = Pick<Question, 'kind' | 'given'> & { readonly answers?: readonly unknown[] };

/** A kind of exercise that makes questions. What is asked, answered and shown hangs on the given alone. */
export interface Asking {
  readonly id: string;
  readonly takes: readonly MaterialField[];
  /** What holds for this kind where the material says nothing. */
  readonly usual: MaterialText;
  /** The qualities that it knows, if it takes any. */
  readonly qualities?: readonly string[];
  /** The inversions that it knows, where not all of a seventh chord. */
  readonly inversions?: readonly number[];
  /** A question by the dice; null where this throw gives none that a teacher would ask. */
  readonly roll: (dice: Dice, material: Material) => Given | null;
  /** Every right answer. Throws TheoryError where the given is none. */
  readonly answers: (given: Given) => readonly unknown[];
  readonly difficulty: (given: Given) => DifficultyParts;
  /** What makes two questions the same to a class; all that is given where it is not said. */
  readonly same?: (given: Given) => unknown;
  /** How a teacher would work it out, in the way that is chosen where the kind has several. */
  readonly steps: (given: Given, ways?: WorkingWays) => readonly WorkingStep[];
}
