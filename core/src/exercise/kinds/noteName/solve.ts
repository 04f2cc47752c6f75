import { parseNote } from '../../../pitch/parse';
import { printNote } from '../../../pitch/print';
import { ledgerDifficulty, writingDifficulty } from '../../generating/staffWriting';
import { clefIn, keyIn } from '../../givenReading';
import type { DifficultyParts } from '../../question';
import type { NoteNameGiven } from './given';

export const solveNoteName = (given: NoteNameGiven): readonly string[] => [printNote(parseNote(given.note))];

export function noteNameDifficulty(given: NoteNameGiven): DifficultyParts {
  const note = parseNote(given.note);
  const clef = clefIn(given);
  return {
    note: clef === 'treble' || clef === 'bass' ? 0.2 : 0.8,
    ...writingDifficulty(keyIn(given), [note]),
    ...ledgerDifficulty([note], clef),
    ...((given.earlier ?? []).length > 0 ? { bar: 0.5 } : {}),
  };
}
