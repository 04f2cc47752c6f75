import { attempt } from '../errors';
import { checkedKind } from '../exercise/checkQuestion';
import type { Question, WorkingWays } from '../exercise/question';
import { DEFAULT_LABEL_STYLE, type LabelStyle } from '../school/school';
import { sayStep, sentenceText } from './steps';

/** How a teacher would work a question out, sentence by sentence; nothing where there is no working. */
export function questionWorking(
  question: Pick<Question, 'kind' | 'given'>,
  school: LabelStyle = DEFAULT_LABEL_STYLE,
  ways: WorkingWays = {},
): string[] {
  const steps = attempt(() => checkedKind(question).working(question.given, ways));
  const said = steps.ok ? steps.value.map((step) => sentenceText(sayStep(step, school), school)) : [];
  // Nothing is said twice.
  return [...new Set(said)];
}
