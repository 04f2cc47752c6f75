import { turnedUp } from '../../../chord/turn';
import type { Note } from '../../../pitch/note';
import { printNote, printNoteName } from '../../../pitch/print';
import { namesOfNotes } from '../../chordQualities';
import { chordDifficulty } from '../../generating/rollChord';
import { ledgerDifficulty, writingDifficulty } from '../../generating/staffWriting';
import { clefIn, keyIn, notesIn, rising } from '../../givenReading';
import type { DifficultyParts } from '../../question';
import type { InversionTurnGiven } from './given';

/** The next inversion upward of what is given. */
export const turnedChord = ({ notes }: InversionTurnGiven): Note[] => turnedUp(rising(notesIn(notes)));

/** The note above the gap of a chord in close position, which is its root; none in root position (common practice). */
export function aboveGap(notes: readonly Note[]): string | null {
  const name = namesOfNotes(notes)[0];
  return name && name.inversion > 0 ? printNoteName(name.root) : null;
}

export function solveInversionTurn(given: InversionTurnGiven): readonly (readonly string[])[] {
  const notes = turnedChord(given);
  return [[...notes.map(printNote), ...(given.also ? [aboveGap(notes) ?? 'none'] : [])]];
}

export function inversionTurnDifficulty(given: InversionTurnGiven): DifficultyParts {
  const notes = rising(notesIn(given.notes));
  const name = namesOfNotes(notes)[0];
  return {
    ...chordDifficulty(name?.quality ?? '', name?.inversion ?? 0, notes.length),
    ...writingDifficulty(keyIn(given), notes),
    ...ledgerDifficulty(turnedChord(given), clefIn(given)),
  };
}
