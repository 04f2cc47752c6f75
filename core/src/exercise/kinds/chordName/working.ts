import { makeChord } from '../../../chord/chord';
import { nameChordWay, nameChordWorking } from '../../../working/chordWorking';
import type { WorkingStep } from '../../../working/step';
import { chordOfQuality, type ChordSize } from '../../chordQualities';
import { notesIn, rising } from '../../givenReading';
import type { WorkingWays } from '../../question';
import type { ChordNameGiven } from './given';
import { chordNames } from './solve';

/** By stacking the notes in thirds, unless another way is chosen. */
export function workingChordName(
  given: ChordNameGiven,
  family: ChordSize,
  ways: WorkingWays = {},
): readonly WorkingStep[] {
  const notes = rising(notesIn(given.notes));
  const name = chordNames(given, family)[0]!;
  const chord = chordOfQuality(name.root, name.quality)!;
  const inverted = makeChord(chord.root, chord.members, notes[0]);
  return ways.chords ? nameChordWay(notes, inverted, ways.chords) : nameChordWorking(notes, inverted, null);
}
