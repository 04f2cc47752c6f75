import { staffPosition } from '../../../pitch/note';
import { printNoteName } from '../../../pitch/print';
import type { ChordAnswer } from '../../answers/chordText';
import { type ChordName, QUALITIES, namesOfNotes, type ChordSize } from '../../chordQualities';
import { chordDifficulty } from '../../generating/rollChord';
import { ledgerDifficulty, writingDifficulty } from '../../generating/staffWriting';
import { clefIn, keyIn, notesIn, rising } from '../../givenReading';
import type { DifficultyParts } from '../../question';
import type { ChordNameGiven } from './given';

/** The names of the notes, those of the family that is asked first: A C E G is a seventh on A, and a sixth on C. */
export function chordNames({ notes }: ChordNameGiven, family: ChordSize): ChordName[] {
  const names = namesOfNotes(rising(notesIn(notes)));
  const own = (name: ChordName) => (QUALITIES[family].includes(name.quality) ? 0 : 1);
  return names.sort((a, b) => own(a) - own(b));
}

export const solveChordName = (given: ChordNameGiven, family: ChordSize): readonly ChordAnswer[] =>
  chordNames(given, family).map(({ root, quality, inversion }) => ({
    root: printNoteName(root),
    quality,
    inversion,
  }));

export function chordNameDifficulty(given: ChordNameGiven, family: ChordSize): DifficultyParts {
  const notes = rising(notesIn(given.notes));
  const [name] = chordNames(given, family);
  const spread = notes.length <= 4 && staffPosition(notes[notes.length - 1]!) - staffPosition(notes[0]!) > 7;
  return {
    ...chordDifficulty(name?.quality ?? '', name?.inversion ?? 0, notes.length),
    ...(spread ? { spacing: 0.4 } : {}),
    ...writingDifficulty(keyIn(given), notes),
    ...ledgerDifficulty(notes, clefIn(given)),
  };
}
