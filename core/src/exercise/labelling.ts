import { parseKey, type Key } from '../key/key';
import { printNumeral } from '../label/numeralPrint';
import { numeralsForNotes } from '../label/numeralsFor';
import type { Note } from '../pitch/note';
import { labelledStep } from '../working/numeralWorking';
import type { WorkingStep } from '../working/step';
import { keyTextAt, type KeysGiven } from './givenReading';
import { rounded, writingDifficulty } from './generating/staffWriting';
import type { DifficultyParts } from './question';

/** The key of a chord of a line. Throws TheoryError `key`. */
const keyAt = (keys: KeysGiven, at: number): Key => parseKey(keyTextAt(keys, at));

/** Where a line changes its key: the chord, counted from 0, and the key from there on. */
export const keyChanges = ({ key, keys = [] }: KeysGiven): { readonly at: number; readonly key: string }[] =>
  keys.flatMap((own, at) => (own === (at === 0 ? key : keys[at - 1]) ? [] : [{ at, key: own }]));

/** The numeral of each chord in its key, the plainest where several are possible; notes from the lowest up. */
export const labelsOf = (chords: readonly (readonly Note[])[], keys: KeysGiven): string[] =>
  chords.map((notes, at) => {
    const key = keyAt(keys, at);
    return printNumeral(numeralsForNotes(notes, key)[0]!.numeral, key);
  });

/** What the labelling of a line adds: its chords, what is written, and inversions. */
export function labellingDifficulty(
  chords: readonly (readonly Note[])[],
  keys: KeysGiven,
  each: number,
): DifficultyParts {
  return {
    chords: rounded(each * chords.length),
    ...writingDifficulty(keyAt(keys, 0), chords.flat()),
    inversions: rounded(0.2 * labelsOf(chords, keys).filter((one) => /\d/.test(one)).length),
  };
}

/** Each chord of a line with its numeral. */
export function labellingWorking(chords: readonly (readonly Note[])[], keys: KeysGiven): WorkingStep[] {
  const changes = keyChanges(keys);
  return chords.map((notes, at) => {
    const key = keyAt(keys, at);
    const { numeral, chord } = numeralsForNotes(notes, key)[0]!;
    const begins = changes.some((change) => change.at === at) ? ({ begins: true } as const) : {};
    return { ...labelledStep(at + 1, numeral, chord, key), ...begins };
  });
}
