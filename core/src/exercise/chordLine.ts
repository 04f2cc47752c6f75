import { attempt } from '../errors';
import { type Key, printKey } from '../key/key';
import { chordOfNumeral } from '../label/numeral';
import { parseNumeral } from '../label/numeralParse';
import { printNote } from '../pitch/print';
import { closeVoicings } from '../voicing/close';
import { rising } from './givenReading';

/** A line of chords on a grand staff, as it is given. */
export type ChordLineGiven = {
  readonly clef: 'grand';
  readonly key: string;
  readonly chords: readonly (readonly string[])[];
};

/** Numerals in a key as chords for two hands on a grand staff; null where one of them is none. */
export function chordLine(key: Key, numerals: readonly string[]): ChordLineGiven | null {
  const chords = attempt(() => numerals.map((text) => chordOfNumeral(parseNumeral(text, key), key)));
  if (!chords.ok) return null;
  return {
    clef: 'grand',
    key: printKey(key),
    chords: closeVoicings(chords.value).map(({ lower, upper }) =>
      rising([...lower, ...upper]).map(printNote),
    ),
  };
}
