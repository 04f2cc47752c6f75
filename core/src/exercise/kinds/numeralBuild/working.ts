import { numeralWorking } from '../../../working/numeralWorking';
import type { WorkingStep } from '../../../working/step';
import { keyIn } from '../../givenReading';
import type { NumeralBuildGiven } from './given';
import { chordOfGiven } from './solve';

export function workingNumeralBuild(given: NumeralBuildGiven): readonly WorkingStep[] {
  const { numeral, chord } = chordOfGiven(given);
  return numeralWorking(numeral, chord, keyIn(given));
}
