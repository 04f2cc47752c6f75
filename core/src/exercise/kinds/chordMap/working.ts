import { numeralWorking } from '../../../working/numeralWorking';
import type { WorkingStep } from '../../../working/step';
import { keyIn } from '../../givenReading';
import type { ChordMapGiven } from './given';
import { mapColumns } from './solve';

/** What is said last of each chord of the map. */
export const workingChordMap = (given: ChordMapGiven): readonly WorkingStep[] =>
  mapColumns(given).flatMap(({ numeral, chord }) => numeralWorking(numeral, chord, keyIn(given)).slice(-1));
