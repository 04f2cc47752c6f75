import { dividedAnswer } from '../dividedAnswer';
import { withoutTask } from '../additionalTask';
import { type PartMark, partMark } from '../answers/answerForm';
import { sameAnswer } from '../answers/sameAnswer';
import type { ExerciseKind } from '../exerciseKind';
import type { GivenData } from '../question';

/** The parts of an answer against one right answer; what is asked besides is one of its own. */
export function partsOf(
  kind: ExerciseKind,
  given: GivenData,
  right: unknown,
  said: unknown,
): readonly PartMark[] {
  const task = kind.additionalTask?.(given);
  if (!task) return kind.answer.parts(right, said, given);
  const wanted = dividedAnswer(kind, given, right);
  // What is asked besides is missing from an answer that is shorter.
  const short = Array.isArray(said) && Array.isArray(right) && said.length < right.length;
  const got = short ? { own: said as unknown, besides: undefined } : dividedAnswer(kind, given, said);
  return [
    ...kind.answer.parts(wanted.own, got.own, withoutTask(given)),
    partMark(task, sameAnswer(wanted.besides, got.besides)),
  ];
}

/**
 * What a part counts as where marks are given by part: the notes of all chords together, and so their rules, the
 * chords of a line, and whatever faults there are.
 */
export function partGroup(part: string): string {
  const [whole, of] = /^chord \d+(?:, (.+))?$/.exec(part) ?? [];
  if (whole === undefined) return part;
  return of === undefined ? 'chords' : of === 'notes' || of === 'rules' ? of : 'faults';
}
