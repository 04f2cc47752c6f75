import type { ContextReading } from '../../../context/chordIn';
import { chordOfNumeral } from '../../../label/numeral';
import { parseNumeral } from '../../../label/numeralParse';
import { spelledStep } from '../../../working/numeralWorking';
import type { WorkingStep } from '../../../working/step';
import { cadenceWorking } from '../../cadenceWorking';
import { keyIn } from '../../givenReading';
import type { CadenceWriteGiven } from './given';
import { solveCadenceWrite } from './solve';

/** The usual pair, spelled, and the cadence that it makes. */
export function workingCadenceWrite(given: CadenceWriteGiven): readonly WorkingStep[] {
  const key = keyIn(given);
  const line = solveCadenceWrite(given)[0]!.map((text): ContextReading => {
    const numeral = parseNumeral(text, key);
    return { key, numeral, chord: chordOfNumeral(numeral, key), reason: 'given', excess: 0 };
  });
  return [...line.map(({ numeral, chord }) => spelledStep(numeral, chord, key)), ...cadenceWorking(line)];
}
