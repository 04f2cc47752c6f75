import { attempt, TheoryError } from '../../../errors';
import { printKey, type Key } from '../../../key/key';
import { chordOfNumeral } from '../../../label/numeral';
import { parseNumeral } from '../../../label/numeralParse';
import type { Note } from '../../../pitch/note';
import { parseNote } from '../../../pitch/parse';
import { printNote } from '../../../pitch/print';
import { closeSettings } from '../../../voicing/close';
import { rising } from '../../ask/onStaff';
import type { Given } from '../../ask/question';

/** The chords of a line, each from its lowest note up. Throws TheoryError `request` where there are none. */
export function chordsIn(given: Given): Note[][] {
  const chords = given['chords'];
  const isText = (one: unknown) => typeof one === 'string';
  if (!Array.isArray(chords) || !chords.every((one) => Array.isArray(one) && one.every(isText)))
    throw new TheoryError(
      'request',
      'chords',
      'the question has no such field.',
      'Give the question as it was asked.',
    );
  return (chords as string[][]).map((notes) => rising(notes.map((text) => parseNote(text))));
}

/** Numerals in a key as chords for two hands on a grand staff; null where one of them is none. */
export function chordsGiven(key: Key, numerals: readonly string[]): Given | null {
  const chords = attempt(() => numerals.map((text) => chordOfNumeral(parseNumeral(text, key), key)));
  if (!chords.ok) return null;
  return {
    clef: 'grand',
    key: printKey(key),
    chords: closeSettings(chords.value).map(({ lower, upper }) =>
      rising([...lower, ...upper]).map(printNote),
    ),
  };
}
