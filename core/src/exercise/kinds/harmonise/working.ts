import { chordOfNumeral } from '../../../label/numeral';
import { numeralWorking } from '../../../working/numeralWorking';
import type { WorkingStep } from '../../../working/step';
import { keyIn } from '../../givenReading';
import type { HarmoniseGiven } from './given';
import { harmonisations } from './solve';

/** What is said last of each chord of the best way. */
export function workingHarmonise(given: HarmoniseGiven): readonly WorkingStep[] {
  const key = keyIn(given);
  return (harmonisations(given)[0] ?? []).flatMap((one) =>
    numeralWorking(one, chordOfNumeral(one, key), key).slice(-1),
  );
}
