import { attempt } from '../errors';
import { askingOf } from '../exercise/ask/kinds';
import type { Question } from '../exercise/ask/question';
import type { WorkingWays } from '../exercise/ask/ways';
import { DEFAULT_SCHOOL, type School } from '../school/school';
import { sayStep, sentenceText } from './steps';

/** How a teacher would work a question out, sentence by sentence; nothing where there is no working. */
export function questionWorking(
  { kind, given }: Pick<Question, 'kind' | 'given'>,
  school: School = DEFAULT_SCHOOL,
  ways: WorkingWays = {},
): string[] {
  const steps = attempt(() => askingOf(kind).steps(given, ways));
  return steps.ok ? steps.value.map((step) => sentenceText(sayStep(step, school), school)) : [];
}
