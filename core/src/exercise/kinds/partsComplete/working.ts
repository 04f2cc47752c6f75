import { chordOfNumeral } from '../../../label/numeral';
import { parseNumeral } from '../../../label/numeralParse';
import { spelledStep } from '../../../working/numeralWorking';
import type { WorkingStep } from '../../../working/step';
import { keyIn, notesIn } from '../../givenReading';
import type { PartsCompleteGiven } from './given';
import { solvePartsComplete } from './solve';

/** The notes of each numeral, and one way to set them. */
export function workingPartsComplete(given: PartsCompleteGiven): readonly WorkingStep[] {
  const key = keyIn(given);
  const [set] = solvePartsComplete(given);
  return [
    ...given.numerals.map((text) => {
      const numeral = parseNumeral(text, key);
      return spelledStep(numeral, chordOfNumeral(numeral, key), key);
    }),
    ...(set ? [{ step: 'voices-set' as const, chords: set.map(notesIn) }] : []),
  ];
}
