import { type Chord, notesFromBass, stackedNotes } from '../../../chord/chord';
import { type Numeral, chordOfNumeral } from '../../../label/numeral';
import { parseNumeral } from '../../../label/numeralParse';
import { printNoteName } from '../../../pitch/print';
import { numeralDifficulty } from '../../generating/rollNumeral';
import { writingDifficulty } from '../../generating/staffWriting';
import { keyIn } from '../../givenReading';
import type { DifficultyParts } from '../../question';
import type { NumeralBuildGiven } from './given';

/** The numeral with its chord. */
export function chordOfGiven(given: NumeralBuildGiven): { numeral: Numeral; chord: Chord } {
  const key = keyIn(given);
  const numeral = parseNumeral(given.numeral, key);
  return { numeral, chord: chordOfNumeral(numeral, key) };
}

/** Its notes from the lowest up. */
export const solveNumeralBuild = (given: NumeralBuildGiven): readonly (readonly string[])[] => [
  notesFromBass(chordOfGiven(given).chord).map(printNoteName),
];

export function numeralBuildDifficulty(given: NumeralBuildGiven): DifficultyParts {
  const { numeral, chord } = chordOfGiven(given);
  return { ...numeralDifficulty(numeral, chord), ...writingDifficulty(keyIn(given), stackedNotes(chord)) };
}
