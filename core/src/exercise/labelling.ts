import type { Key } from '../key/key';
import { printNumeral } from '../label/numeralPrint';
import { numeralsForNotes } from '../label/numeralsFor';
import type { Note } from '../pitch/note';
import { labelledStep } from '../working/numeralWorking';
import type { WorkingStep } from '../working/step';
import { rounded, writingDifficulty } from './generating/staffWriting';
import type { DifficultyParts } from './question';

/** The numeral of each chord in a key, the plainest where several are possible; notes from the lowest up. */
export const labelsOf = (chords: readonly (readonly Note[])[], key: Key): string[] =>
  chords.map((notes) => printNumeral(numeralsForNotes(notes, key)[0]!.numeral, key));

/** What the labelling of a line adds: its chords, what is written, and inversions. */
export function labellingDifficulty(
  chords: readonly (readonly Note[])[],
  key: Key,
  each: number,
): DifficultyParts {
  return {
    chords: rounded(each * chords.length),
    ...writingDifficulty(key, chords.flat()),
    inversions: rounded(0.2 * labelsOf(chords, key).filter((one) => /\d/.test(one)).length),
  };
}

/** Each chord of a line with its numeral. */
export const labellingWorking = (chords: readonly (readonly Note[])[], key: Key): WorkingStep[] =>
  chords.map((notes, at) => {
    const { numeral, chord } = numeralsForNotes(notes, key)[0]!;
    return labelledStep(at + 1, numeral, chord, key);
  });
