import { numeralWorking, spelledStep } from '../../../working/numeralWorking';
import type { WorkingStep } from '../../../working/step';
import { keyIn } from '../../givenReading';
import type { NumeralBuildGiven } from './given';
import { chordOfGiven } from './solve';

/** What the numeral says of root, quality and inversion, and its notes. */
export function workingNumeralBuild(given: NumeralBuildGiven): readonly WorkingStep[] {
  const { numeral, chord } = chordOfGiven(given);
  const key = keyIn(given);
  return [
    ...numeralWorking(numeral, chord, key).filter(({ step }) => step !== 'named'),
    spelledStep(numeral, chord, key),
  ];
}
