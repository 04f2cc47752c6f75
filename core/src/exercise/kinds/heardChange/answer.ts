import { isTexts, listOf, partMark, unread, type AnswerForm } from '../../answers/answerForm';
import { parseNumeralAnswer, sameLabel } from '../../answers/numeralAnswer';
import type { HeardChangeGiven } from './given';

/** Which chord is played otherwise, counted from 1, and what it is: `3 vi`. */
export const CHANGE_ANSWER: AnswerForm<readonly string[], HeardChangeGiven> = {
  name: 'change',
  isAnswer: (value) => isTexts(value) && value.length === 2,
  read(raw, given, school) {
    const [which, ...numeral] = listOf(raw);
    const number = /^(?:chord)?\s*(\d+)[.:]?$/i.exec(which ?? '')?.[1];
    if (number === undefined || numeral.length === 0)
      throw unread(raw, 'this is not a chord and its numeral.', 'Write its number and what you heard: 3 vi.');
    return [number, parseNumeralAnswer(numeral.join(''), given, school)];
  },
  parts: ([which, what], [saidWhich, saidWhat]) => [
    partMark('which', which === saidWhich),
    partMark('what', which === saidWhich && sameLabel(what, saidWhat)),
  ],
  isRight: (said, right) => right.some(([which, what]) => which === said[0] && sameLabel(what, said[1])),
  inParts: true,
  blanks: ['which chord', 'what is heard'],
  typed: (answer) => answer.join(' '),
};
