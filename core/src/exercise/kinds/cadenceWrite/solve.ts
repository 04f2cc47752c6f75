import { TheoryError } from '../../../errors';
import { CADENCE_ENDS } from '../../cadenceEnds';
import { rounded, writingDifficulty } from '../../generating/staffWriting';
import { keyIn } from '../../givenReading';
import type { DifficultyParts } from '../../question';
import { cadenceWeight } from '../cadenceName/solve';
import type { CadenceWriteGiven } from './given';

/** Every pair of numerals that makes the cadence. Throws TheoryError `request` for a name that is none. */
export function solveCadenceWrite(given: CadenceWriteGiven): readonly (readonly string[])[] {
  const { mode } = keyIn(given);
  const { cadence } = given;
  const ends = Object.hasOwn(CADENCE_ENDS, cadence) ? CADENCE_ENDS[cadence] : undefined;
  if (!ends || (mode !== 'major' && mode !== 'minor'))
    throw new TheoryError('request', cadence, 'there is no such cadence.', 'Give for example half.');
  return ends[mode].map((pair) => pair.split(' '));
}

export const cadenceWriteDifficulty = (given: CadenceWriteGiven): DifficultyParts => ({
  cadence: cadenceWeight(given.cadence),
  signature: rounded(writingDifficulty(keyIn(given), [])['signature'] ?? 0),
});
