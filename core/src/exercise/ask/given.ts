import { TheoryError } from '../../errors';
import { parseKey, type Key } from '../../key/key';
import { parseNote, parseNoteName } from '../../pitch/parse';
import type { Note, NoteName } from '../../pitch/note';
import type { Given } from './question';

/** The fields of what is given, read from their texts. Each throws TheoryError `request` naming the field. */
export function textIn(given: Given, field: string): string {
  const value = given[field];
  if (typeof value !== 'string') throw missing(field);
  return value;
}

export function textsIn(given: Given, field: string): readonly string[] {
  const value = given[field];
  if (!Array.isArray(value) || value.some((one) => typeof one !== 'string')) throw missing(field);
  return value as string[];
}

export function numberIn(given: Given, field: string): number {
  const value = given[field];
  if (typeof value !== 'number') throw missing(field);
  return value;
}

export const keyIn = (given: Given): Key => parseKey(textIn(given, 'key'));
export const noteIn = (given: Given, field: string): Note => parseNote(textIn(given, field));
export const notesIn = (given: Given): Note[] => textsIn(given, 'notes').map((text) => parseNote(text));

/** Names of notes; an octave that stands with them is passed over. */
export const namesIn = (given: Given, field: string): NoteName[] =>
  textsIn(given, field).map((text) => parseNoteName(text.replace(/-?\d$/, '')));

function missing(field: string): TheoryError {
  return new TheoryError(
    'request',
    field,
    'the question has no such field.',
    'Give the question as it was asked.',
  );
}
