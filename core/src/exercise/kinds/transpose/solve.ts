import { parseInterval, transpose } from '../../../interval/interval';
import { type Key, keyOf } from '../../../key/key';
import type { Note } from '../../../pitch/note';
import { printNote } from '../../../pitch/print';
import { ledgerDifficulty, writingDifficulty } from '../../generating/staffWriting';
import { clefIn, keyIn, notesIn } from '../../givenReading';
import type { DifficultyParts } from '../../question';
import type { TransposeGiven } from './given';

/** Every note moved by the interval. */
export const movedNotes = ({ notes, by, below = false }: TransposeGiven): Note[] =>
  notesIn(notes).map((note) => transpose(note, parseInterval(by), below));

export const solveTranspose = (given: TransposeGiven): readonly (readonly string[])[] => [
  movedNotes(given).map(printNote),
];

export const transposeDifficulty = (given: TransposeGiven): DifficultyParts => ({
  interval: ['m2', 'M2', 'P8'].includes(given.by) ? 0.6 : 1,
  notes: 0.1 * given.notes.length,
  ...(given.below ? { below: 0.3 } : {}),
  ...writingDifficulty(keyIn(given), movedNotes(given)),
  ...ledgerDifficulty(movedNotes(given), clefIn(given)),
});

/** The key that the notes come to: that in which a player means what is struck. */
export function keyMovedTo({ key, by, below = false }: TransposeGiven): Key {
  const { tonic, mode } = keyIn({ key });
  return keyOf(transpose({ ...tonic, octave: 4 }, parseInterval(by), below), mode);
}
