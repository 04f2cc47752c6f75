import { attempt } from '../errors';
import type { Key } from '../key/key';
import { chordOfNumeral } from '../label/numeral';
import { parseNumeral } from '../label/numeralParse';
import { printNote } from '../pitch/print';
import { closeVoicings } from '../voicing/close';
import { keysGiven, rising } from './givenReading';

/** A line of chords on a grand staff, as it is given. */
export type ChordLineGiven = {
  readonly clef: 'grand';
  readonly key: string;
  /** The key of each chord, where it changes. */
  readonly keys?: readonly string[] | undefined;
  readonly chords: readonly (readonly string[])[];
};

/** A numeral in its key. */
export interface KeyedNumeral {
  readonly key: Key;
  readonly numeral: string;
}

/** Numerals in a key as chords for two hands on a grand staff; null where one of them is none. */
export const chordLine = (key: Key, numerals: readonly string[]): ChordLineGiven | null =>
  chordLineInKeys(numerals.map((numeral) => ({ key, numeral })));

/** As chordLine, each numeral in a key of its own; null where there are none. */
export function chordLineInKeys(line: readonly KeyedNumeral[]): ChordLineGiven | null {
  const chords = attempt(() =>
    line.map(({ key, numeral }) => chordOfNumeral(parseNumeral(numeral, key), key)),
  );
  if (!chords.ok || line.length === 0) return null;
  return {
    clef: 'grand',
    ...keysGiven(line),
    chords: closeVoicings(chords.value).map(({ lower, upper }) =>
      rising([...lower, ...upper]).map(printNote),
    ),
  };
}
