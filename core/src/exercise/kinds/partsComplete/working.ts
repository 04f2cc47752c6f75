import { chordOfNumeral } from '../../../label/numeral';
import { parseNumeral } from '../../../label/numeralParse';
import { numeralWorking } from '../../../working/numeralWorking';
import type { WorkingStep } from '../../../working/step';
import { keyIn } from '../../givenReading';
import type { PartsCompleteGiven } from './given';

/** What is said last of each numeral. */
export function workingPartsComplete(given: PartsCompleteGiven): readonly WorkingStep[] {
  const key = keyIn(given);
  return given.numerals.flatMap((text) => {
    const numeral = parseNumeral(text, key);
    return numeralWorking(numeral, chordOfNumeral(numeral, key), key).slice(-1);
  });
}
