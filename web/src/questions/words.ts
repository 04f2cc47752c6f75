import {
  answerWords,
  instructionWords,
  mistakeName,
  promptWords,
  withSigns,
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
  return [withSigns(notes.join('–')), prompt].filter((one) => one !== '').join(' · ');
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

/** The likeliest cause by its name; empty where nothing is wrong or nothing explains it. */
export function causeName(marked: Marked | null, school: LabelStyle): string {
  const [cause] = marked?.marking?.causes ?? [];
  return cause ? cause.mistakes.map((id) => mistakeName(id, school)).join(' + ') : '';
}
