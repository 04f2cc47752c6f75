import type { TheoryError } from '../errors';
import type { School } from '../school/school';
import type { WorkingStep } from '../working/step';

/** An answer, marked: right, not readable, or wrong with the likeliest cause that explains it exactly. */
export type Mark<Right, Cause> =
  | { readonly verdict: 'unreadable'; readonly error: TheoryError }
  | { readonly verdict: 'right'; readonly right: Right }
  | { readonly verdict: 'wrong'; readonly right: Right; readonly cause: Cause };

/**
 * A kind of exercise: from a question its right answer and the working of it, and from what somebody wrote
 * the mark. Everything is computed; a page only shows it.
 */
export interface Exercise<Question, Right, Cause> {
  readonly id: string;
  /** The right answer in its usual form. Throws TheoryError where the question has none. */
  readonly answer: (question: Question) => Right;
  /** How a teacher would work it out. */
  readonly show: (question: Question) => readonly WorkingStep[];
  /** Marks what was written, as it stands in a school. Throws as `answer`. */
  readonly mark: (question: Question, written: string, school?: School) => Mark<Right, Cause>;
}
