import { chordOfNumeral } from '../../../label/numeral';
import { parseNumeral } from '../../../label/numeralParse';
import { numeralWorking } from '../../../working/numeralWorking';
import type { WorkingStep } from '../../../working/step';
import { keyIn } from '../../givenReading';
import type { CadenceWriteGiven } from './given';
import { solveCadenceWrite } from './solve';

/** The numerals of the usual pair. */
export function workingCadenceWrite(given: CadenceWriteGiven): readonly WorkingStep[] {
  const key = keyIn(given);
  return solveCadenceWrite(given)[0]!.flatMap((text) => {
    const numeral = parseNumeral(text, key);
    return numeralWorking(numeral, chordOfNumeral(numeral, key), key);
  });
}
