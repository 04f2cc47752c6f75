import { sameAnswer } from './sameAnswer';
import { isText, partMark, textOf, type AnswerForm } from './answerForm';

/** The name of a cadence or a degree in the word that stands for it. */
export function parseWordAnswer(raw: unknown): string {
  return (
    textOf(raw)
      .toLowerCase()
      .replace(/\b(?:cadence|note|tone|degree)\b/g, '')
      // An authentic cadence may be called perfect or imperfect; an imperfect one alone is a half cadence.
      .replace(/\b(?:im)?perfect authentic\b/, 'authentic')
      .replace(/\bimperfect\b/, 'half')
      .replace(/\bperfect\b/, 'authentic')
      .replace(/\binterrupted\b/, 'deceptive')
      .trim()
  );
}

/** One word: the name of a degree or a cadence. */
export const WORD_ANSWER: AnswerForm<string> = {
  name: 'word',
  isAnswer: isText,
  read: (raw) => parseWordAnswer(raw),
  parts: (right, said) => [partMark('answer', sameAnswer(right, said))],
  typed: (answer) => answer,
};
