import { type Chord, makeChord, notesFromBass, stackedNotes } from '../../../chord/chord';
import { TheoryError } from '../../../errors';
import { parseNoteName } from '../../../pitch/parse';
import { printNoteName } from '../../../pitch/print';
import { chordOfQuality } from '../../chordQualities';
import { chordDifficulty } from '../../generating/rollChord';
import { writingDifficulty } from '../../generating/staffWriting';
import { keyIn } from '../../givenReading';
import type { DifficultyParts } from '../../question';
import type { ChordBuildGiven } from './given';

/** The chord that is wanted. Throws TheoryError `request` for a quality or an inversion that there is not. */
export function chordWanted({ root, quality, inversion }: ChordBuildGiven): Chord {
  const chord = chordOfQuality(parseNoteName(root), quality);
  const lowest = chord && stackedNotes(chord)[inversion];
  if (!chord || !lowest)
    throw new TheoryError(
      'request',
      `${quality} ${inversion}`,
      'there is no such chord.',
      'Give a quality and an inversion of its kind.',
    );
  return makeChord(chord.root, chord.members, lowest);
}

/** Its notes from the lowest up. */
export const solveChordBuild = (given: ChordBuildGiven): readonly (readonly string[])[] => [
  notesFromBass(chordWanted(given)).map(printNoteName),
];

export function chordBuildDifficulty(given: ChordBuildGiven): DifficultyParts {
  const notes = stackedNotes(chordWanted(given));
  return {
    ...chordDifficulty(given.quality, given.inversion, notes.length),
    ...writingDifficulty(keyIn(given), notes),
  };
}
