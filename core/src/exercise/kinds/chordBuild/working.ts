import { notesFromBass } from '../../../chord/chord';
import { formulaWorking, halfStepsWorking, inversionWorking } from '../../../working/chordWorking';
import type { WorkingStep } from '../../../working/step';
import type { WorkingWays } from '../../question';
import type { ChordBuildGiven } from './given';
import { chordWanted } from './solve';

/** By the formula of the quality, or by half steps, then the inversion, and the notes. */
export const workingChordBuild = (given: ChordBuildGiven, ways: WorkingWays = {}): readonly WorkingStep[] => [
  ...(ways.chords === 'half-steps' ? halfStepsWorking : formulaWorking)(chordWanted(given)),
  ...inversionWorking(chordWanted(given), null),
  { step: 'notes-are', notes: notesFromBass(chordWanted(given)) },
];
