import { spelledStep } from '../../../working/numeralWorking';
import type { WorkingStep } from '../../../working/step';
import { keyIn } from '../../givenReading';
import type { ChordMapGiven } from './given';
import { mapColumns } from './solve';

/** The notes of each chord of the map. */
export const workingChordMap = (given: ChordMapGiven): readonly WorkingStep[] =>
  mapColumns(given).map(({ numeral, chord }) => spelledStep(numeral, chord, keyIn(given)));
