import { chordOfNumeral } from '../../../label/numeral';
import { numeralsForNotes } from '../../../label/numeralsFor';
import { numeralWorking } from '../../../working/numeralWorking';
import type { WorkingStep } from '../../../working/step';
import { keyIn, rising } from '../../givenReading';
import type { PartsFaultsGiven } from './given';
import { settingGiven } from './solve';

/** What is said last of each chord. */
export function workingPartsFaults(given: PartsFaultsGiven): readonly WorkingStep[] {
  const key = keyIn(given);
  return settingGiven(given).flatMap((own) => {
    const { numeral } = numeralsForNotes(rising(own), key)[0]!;
    return numeralWorking(numeral, chordOfNumeral(numeral, key), key).slice(-1);
  });
}
