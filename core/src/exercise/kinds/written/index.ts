import { type AnswerForm, isText, partMark, textOf } from '../../answers/answerForm';
import { sameAnswer } from '../../answers/sameAnswer';
import type { ExerciseKind } from '../../exerciseKind';
import { textField } from '../../givenFields';
import { inOwnWords } from '../../layout/questionLayout';

/** A question in somebody's own words. */
export type WrittenGiven = { readonly question: string };

const TEXT_ANSWER: AnswerForm<string> = {
  name: 'text',
  isAnswer: isText,
  read: (raw) => textOf(raw).toLowerCase().replace(/\s+/g, ' '),
  parts: (right, said) => [partMark('answer', sameAnswer(right, said))],
  typed: (answer) => answer,
};

/** A question in somebody's own words, with the answers that count as right. */
export const WRITTEN: ExerciseKind<WrittenGiven, string> = {
  id: 'written',
  materialFields: [],
  defaults: {},
  fields: { question: textField },
  answer: TEXT_ANSWER,
  // Nothing writes these but people.
  generate: () => null,
  // What is right stands with the question where it is pinned; without that, whoever marks it says so.
  solve: () => [],
  difficulty: () => ({ question: 1 }),
  layout: ({ question }) => inOwnWords(question),
  working: () => [],
  mistakes: [],
};
