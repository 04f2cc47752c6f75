import { TheoryError } from '../errors';
import { parseKey, printKey, type Key } from '../key/key';
import type { Clef } from '../key/scale';
import { parseNote, parseNoteName } from '../pitch/parse';
import { midiNumber, type Note, type NoteName } from '../pitch/note';
import type { ClefGiven } from './givenFields';

/** The key of a question. Throws TheoryError `request` where none is given. */
export function keyIn({ key }: { readonly key?: string | undefined }): Key {
  if (key === undefined) throw missing('key');
  return parseKey(key);
}

/** The key of a line, and that of each of its chords where it changes. */
export interface KeysGiven {
  readonly key: string;
  readonly keys?: readonly string[] | undefined;
}

/** The keys of chords as a question gives them. Throws where there are none. */
export function keysGiven(chords: readonly { readonly key: Key }[]): KeysGiven {
  const keys = chords.map(({ key }) => printKey(key));
  return { key: keys[0]!, ...(keys.every((key) => key === keys[0]) ? {} : { keys }) };
}

/** As KeysGiven, where a question may give none. */
export type MayGiveKeys = { readonly [Name in keyof KeysGiven]?: KeysGiven[Name] | undefined };

/** The key of a chord of a line, as it is given; undefined where none is. */
export function keyTextAt(given: KeysGiven, at: number): string;
export function keyTextAt(given: MayGiveKeys, at: number): string | undefined;
export function keyTextAt({ key, keys }: MayGiveKeys, at: number): string | undefined {
  return keys?.[at] ?? key;
}

/** The clef of a question on one staff. Throws TheoryError `request` where none is given. */
export function clefIn({ clef }: { readonly clef?: ClefGiven | undefined }): Clef {
  if (clef === undefined || clef === 'grand') throw missing('clef');
  return clef;
}

export const notesIn = (texts: readonly string[]): Note[] => texts.map((text) => parseNote(text));

/** From the lowest to the highest. */
export const rising = (notes: readonly Note[]): Note[] =>
  [...notes].sort((a, b) => midiNumber(a) - midiNumber(b));

/** The notes of each chord from its lowest up. */
export const chordsIn = (chords: readonly (readonly string[])[]): Note[][] =>
  chords.map((notes) => rising(notesIn(notes)));

/** A note without an octave; one that stands with it is passed over. */
export const nameIn = (text: string): NoteName => parseNoteName(text.replace(/-?\d$/, ''));

function missing(field: string): TheoryError {
  return new TheoryError(
    'request',
    field,
    'the question has no such field.',
    'Give the question as it was asked.',
  );
}
