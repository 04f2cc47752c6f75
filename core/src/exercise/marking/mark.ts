import { checkedKind } from '../checkQuestion';
import { TheoryError, attempt } from '../../errors';
import { DEFAULT_LABEL_STYLE, type LabelStyle } from '../../school/school';
import { sameAnswer } from '../answers/sameAnswer';
import { OWN_WORDS, kindOf } from '../kindRegister';
import type { ToMark } from '../question';
import { plantIn } from './causes';
import type { MistakeHistory } from './diagnose';
import { type Marking, markQuestion, rightAnswersOf } from './markQuestion';

/** An earlier question of the same pupil, with what was answered. */
export interface Earlier {
  readonly question: ToMark;
  readonly answer: unknown;
}

export interface MarkOptions {
  readonly school?: LabelStyle;
  readonly earlier?: readonly Earlier[];
  readonly history?: MistakeHistory;
}

/**
 * Marks an answer of any kind, later ones against what the pupil wrote before. Throws TheoryError for a question that
 * is none.
 */
export function markAnswer(question: ToMark, answer: unknown, options: MarkOptions = {}): Marking {
  const { given, answers } = question;
  const kind = checkedKind(question);
  const { school = DEFAULT_LABEL_STYLE, earlier = [], history = {} } = options;
  const right = rightAnswersOf(kind, given, answers);
  if (right.length === 0 && question.kind !== OWN_WORDS)
    throw new TheoryError(
      'request',
      question.kind,
      'nothing is right in this question.',
      'Give the question as it was asked.',
    );
  const follows = (said: unknown) => followsEarlier(question, said, earlier, school);
  return markQuestion(kind, given, answer, { school, history, answers: right, follows });
}

/** The wrong answer that a mistake makes; null where it makes none. Throws for a question that is none. */
export function plant(question: ToMark, mistake: string): unknown {
  const { given, answers } = question;
  const kind = checkedKind(question);
  return plantIn(kind, given, rightAnswersOf(kind, given, answers), mistake);
}

/** Whether an answer follows rightly from a wrong one before, such as chords in the key that was named wrongly. */
function followsEarlier(
  { kind: id, given }: ToMark,
  said: unknown,
  earlier: readonly Earlier[],
  school: LabelStyle,
): boolean {
  const kind = kindOf(id);
  return earlier.some(({ question, answer }) => {
    const before = kindOf(question.kind);
    const right = attempt(() => rightAnswersOf(before, question.given, question.answers));
    const own = attempt(() => before.answer.read(answer, question.given, school));
    if (!right.ok || !own.ok || right.value.some((one) => sameAnswer(one, own.value))) return false;
    const { key } = given as { readonly key?: string };
    if (before.answer.name === 'key' && key !== undefined && right.value.includes(key)) {
      const follows = attempt(() => kind.solve({ ...given, key: own.value }));
      return follows.ok && follows.value.some((one) => sameAnswer(one, said));
    }
    return kind.follows?.(given, said, { kind: before.id, given: question.given, said: own.value }) ?? false;
  });
}
