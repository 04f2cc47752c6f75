import { makeChord } from '../../../chord/chord';
import { nameChordWorking } from '../../../working/chordWorking';
import { intervalWorking } from '../../../working/intervalWorking';
import type { WorkingStep } from '../../../working/step';
import { chordOfQuality } from '../../chordQualities';
import { notesIn, rising } from '../../givenReading';
import type { WorkingWays } from '../../question';
import { workingCadenceName } from '../cadenceName/working';
import type { ListenGiven } from './given';
import { asCadence, chordHeard, intervalHeard } from './solve';

/** As it would be worked out on paper. */
export function workingListen(given: ListenGiven, ways: WorkingWays = {}): readonly WorkingStep[] {
  if (given.of === 'interval')
    return intervalWorking(...intervalHeard(given), ways.intervals ?? 'half-steps');
  if (given.of === 'cadence') return workingCadenceName(asCadence(given));
  const notes = rising(notesIn(given.sound[0]!));
  const { root, quality } = chordHeard(given);
  const chord = chordOfQuality(root, quality)!;
  return nameChordWorking(notes, makeChord(chord.root, chord.members, notes[0]), null);
}
