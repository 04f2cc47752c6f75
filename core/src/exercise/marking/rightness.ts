import { dividedAnswer } from '../dividedAnswer';
import { withoutTask } from '../additionalTask';
import { sameAnswer } from '../answers/sameAnswer';
import type { ExerciseKind } from '../exerciseKind';
import type { GivenData } from '../question';

/** Whether an answer that was read is right: the same as a right one, or right though it is written otherwise. */
export function isRightAnswer(
  kind: ExerciseKind,
  given: GivenData,
  right: readonly unknown[],
  said: unknown,
): boolean {
  if (right.some((one) => sameAnswer(one, said))) return true;
  const { isRight } = kind.answer;
  if (!isRight) return false;
  if (!kind.additionalTask?.(given)) return isRight(said, right, given);
  const own = dividedAnswer(kind, given, said);
  return right.some((one) => {
    const wanted = dividedAnswer(kind, given, one);
    return sameAnswer(wanted.besides, own.besides) && isRight(own.own, [wanted.own], withoutTask(given));
  });
}
