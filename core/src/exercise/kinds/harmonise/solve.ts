import type { Numeral } from '../../../label/numeral';
import { parseNumeral } from '../../../label/numeralParse';
import { printNumeral } from '../../../label/numeralPrint';
import { chordSequences } from '../../../voicing/harmonise';
import { rounded, writingDifficulty } from '../../generating/staffWriting';
import { keyIn, notesIn } from '../../givenReading';
import type { DifficultyParts } from '../../question';
import type { HarmoniseGiven } from './given';

/** So many ways are given as right; others are marked by the chords and the cadence. */
const MOST_WAYS = 6;

/** The usual ways to harmonise the melody with these chords, the best first: no note passes. */
export function harmonisations(given: HarmoniseGiven): (readonly Numeral[])[] {
  const key = keyIn(given);
  const numerals = given.numerals.map((text) => parseNumeral(text, key));
  return chordSequences({ key, voice: 'melody', notes: notesIn(given.notes), numerals }).slice(0, MOST_WAYS);
}

export function solveHarmonise(given: HarmoniseGiven): readonly (readonly string[])[] {
  const key = keyIn(given);
  return harmonisations(given).map((numerals) => numerals.map((one) => printNumeral(one, key)));
}

export const harmoniseDifficulty = (given: HarmoniseGiven): DifficultyParts => ({
  melody: rounded(0.3 * given.notes.length),
  choice: rounded(0.1 * given.numerals.length),
  ...writingDifficulty(keyIn(given), notesIn(given.notes)),
});
