import { spellChordInKey } from '../../../chord/spellChord';
import { spellInKey } from '../../../key/spellInKey';
import { type Note, midiNumber } from '../../../pitch/note';
import { printNote } from '../../../pitch/print';
import { ledgerDifficulty, rounded, writingDifficulty } from '../../generating/staffWriting';
import { clefIn, keyIn, notesIn, rising } from '../../givenReading';
import type { DifficultyParts } from '../../question';
import type { EnharmonicRespellGiven } from './given';

/** The notes as their key spells them: one by one, or as the chord that they make (docs/conventions.md). */
export function respelled(given: EnharmonicRespellGiven): Note[] {
  const key = keyIn(given);
  const midis = rising(notesIn(given.notes)).map(midiNumber);
  return midis.length > 2 ? spellChordInKey(midis, key) : midis.map((midi) => spellInKey(midi, key));
}

export const solveEnharmonicRespell = (given: EnharmonicRespellGiven): readonly (readonly string[])[] => [
  respelled(given).map(printNote),
];

export function enharmonicRespellDifficulty(given: EnharmonicRespellGiven): DifficultyParts {
  const notes = notesIn(given.notes);
  return {
    spelling: rounded(0.6 + 0.2 * (notes.length - 1)),
    ...writingDifficulty(keyIn(given), [...notes, ...respelled(given)]),
    ...ledgerDifficulty(notes, clefIn(given)),
  };
}
