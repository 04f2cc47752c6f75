import { numeralWorking } from '../../../working/numeralWorking';
import type { WorkingStep } from '../../../working/step';
import type { CadenceNameGiven } from './given';
import { cadenceReadings } from './solve';

/** The numeral of each chord. */
export const workingCadenceName = (given: CadenceNameGiven): readonly WorkingStep[] =>
  cadenceReadings(given).flatMap(({ numeral, chord, key }) => numeralWorking(numeral, chord, key));
