import {
  answerWords,
  instructionWords,
  likelyCause,
  mistakeName,
  promptWords,
  withSigns,
  type Cause,
  type Question,
  type LabelStyle,
} from '@diatonix/core';
import type { Marked } from '../documents/marking/markPile';

/** What is asked, in a few words: the prompt, or what stands on the staff. */
export function askedWords(question: Question, school: LabelStyle): string {
  const prompt = promptWords(question, school);
  const notes = ['from', 'to', 'note', 'notes', 'bass', 'signature'].flatMap((field) => {
    const value = question.given[field];
    return value === undefined ? [] : [Array.isArray(value) ? value.join(' ') : String(value)];
  });
  const said = withSigns(notes.join('–'));
  // A prompt that names the note says it.
  return [prompt.includes(said) ? '' : said, prompt].filter((one) => one !== '').join(' · ');
}

/** What is to be done with a question. */
export const instructionOf = (question: Question): string =>
  instructionWords({ kind: question.kind, instruction: null, questions: [question] });

/** The right answers in one line. */
export function rightWords({ kind, answers }: Question, school: LabelStyle): string {
  return answers
    .slice(0, 3)
    .map((one) => answerWords(kind, one, school))
    .join(' or ');
}

const lowered = (text: string) => `${text.charAt(0).toLowerCase()}${text.slice(1)}`;

const capital = (text: string) => `${text.charAt(0).toUpperCase()}${text.slice(1)}`;

/** A cause in a few words, as they stand after a colon: what is not certain says so. */
export function causeText({ mistakes, certain }: Cause, school: LabelStyle): string {
  const name = lowered(mistakes.map((id) => mistakeName(id, school)).join(' + '));
  return certain ? name : `perhaps ${name}`;
}

/** The likeliest cause by its name; empty where nothing is wrong or nothing explains it. */
export function causeName(marked: Marked | null, school: LabelStyle): string {
  const cause = likelyCause(marked?.marking);
  return cause ? capital(causeText(cause, school)) : '';
}
