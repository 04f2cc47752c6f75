import { labelledStep } from '../../../working/numeralWorking';
import type { WorkingStep } from '../../../working/step';
import { cadenceWorking } from '../../cadenceWorking';
import type { CadenceNameGiven } from './given';
import { cadenceReadings } from './solve';

/** The numeral of each chord, and the cadence that they make. */
export function workingCadenceName(given: CadenceNameGiven): readonly WorkingStep[] {
  const line = cadenceReadings(given);
  return [
    ...line.map(({ numeral, chord, key }, at) => labelledStep(at + 1, numeral, chord, key)),
    ...cadenceWorking(line),
  ];
}
