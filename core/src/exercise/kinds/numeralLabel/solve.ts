import { printNumeral } from '../../../label/numeralPrint';
import type { NumeralReading } from '../../../label/numeralReading';
import { numeralsForNotes } from '../../../label/numeralsFor';
import { numeralDifficulty } from '../../generating/rollNumeral';
import { ledgerDifficulty, writingDifficulty } from '../../generating/staffWriting';
import { clefIn, keyIn, notesIn, rising } from '../../givenReading';
import type { DifficultyParts } from '../../question';
import type { NumeralLabelGiven } from './given';

/** The likeliest numeral of the notes in the key. */
export const likeliestNumeral = (given: NumeralLabelGiven): NumeralReading =>
  numeralsForNotes(rising(notesIn(given.notes)), keyIn(given))[0]!;

export const solveNumeralLabel = (given: NumeralLabelGiven): readonly string[] => [
  printNumeral(likeliestNumeral(given).numeral, keyIn(given)),
];

export function numeralLabelDifficulty(given: NumeralLabelGiven): DifficultyParts {
  const notes = rising(notesIn(given.notes));
  const { numeral, chord } = likeliestNumeral(given);
  return {
    ...numeralDifficulty(numeral, chord),
    ...writingDifficulty(keyIn(given), notes),
    ...ledgerDifficulty(notes, clefIn(given)),
  };
}
