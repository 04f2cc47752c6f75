import { type AnswerForm, isTexts, partMark, sameSet } from '../../answers/answerForm';
import { notesAnswer } from '../../answers/notesAnswer';
import { sameAnswer } from '../../answers/sameAnswer';

const { read, typed } = notesAnswer();

/** Accidentals in the order in which they are written; C major has none. */
export const SIGNATURE_ANSWER: AnswerForm<readonly string[]> = {
  name: 'notes',
  isAnswer: isTexts,
  read,
  parts: (right, said) => [
    partMark('accidentals', sameSet(right, said)),
    partMark('order', sameAnswer(right, said)),
  ],
  evenParts: true,
  typed,
};
