import { chordOfNumeral } from '../../../label/numeral';
import { parseNumeral } from '../../../label/numeralParse';
import { numeralWorking } from '../../../working/numeralWorking';
import type { WorkingStep } from '../../../working/step';
import { keyIn } from '../../givenReading';
import type { HeardMelodyGiven } from './given';

/** The notes of the melody: what sounds alone. */
export const melodyHeard = ({ sound }: HeardMelodyGiven): readonly string[] =>
  sound.flatMap(([, , notes]) => (notes.length === 1 ? [notes[0]!] : []));

/** The chords under the melody, whose notes it mostly takes. */
export function melodyWorking(given: HeardMelodyGiven): WorkingStep[] {
  const key = keyIn(given);
  return [...new Set(given.numerals)].flatMap((text) => {
    const numeral = parseNumeral(text, key);
    return numeralWorking(numeral, chordOfNumeral(numeral, key), key);
  });
}
