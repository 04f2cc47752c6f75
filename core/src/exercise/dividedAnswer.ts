import type { ExerciseKind } from './exerciseKind';
import type { GivenData } from './question';

/** An answer divided into itself and what is asked besides. Without the latter the whole answer is itself. */
export function dividedAnswer(
  { additionalTask }: Pick<ExerciseKind, 'additionalTask'>,
  given: GivenData,
  answer: unknown,
): { readonly own: unknown; readonly besides: unknown } {
  if (!additionalTask?.(given) || !Array.isArray(answer)) return { own: answer, besides: undefined };
  return { own: (answer as unknown[]).slice(0, -1), besides: (answer as unknown[]).at(-1) };
}
