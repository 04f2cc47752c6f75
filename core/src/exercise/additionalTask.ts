import type { ExerciseKind } from './exerciseKind';
import type { GivenData } from './question';

/** What is asked for besides the answer itself, as its last entry: the cadence of a line, the note over a gap. */
export type AdditionalTask = 'cadence' | 'note above the gap';

/** The question without what is asked besides. */
export const withoutTask = <Given extends object>(given: Given): Given => ({ ...given, also: undefined });

/** An answer divided into itself and what is asked besides. Without the latter the whole answer is itself. */
export function dividedAnswer(
  { additionalTask }: Pick<ExerciseKind, 'additionalTask'>,
  given: GivenData,
  answer: unknown,
): { readonly own: unknown; readonly besides: unknown } {
  if (!additionalTask?.(given) || !Array.isArray(answer)) return { own: answer, besides: undefined };
  return { own: (answer as unknown[]).slice(0, -1), besides: (answer as unknown[]).at(-1) };
}
