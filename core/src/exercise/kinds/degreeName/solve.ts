import { degreeName, degreeOf } from '../../../key/scale';
import { parseNoteName } from '../../../pitch/parse';
import { writingDifficulty } from '../../generating/staffWriting';
import { keyIn } from '../../givenReading';
import type { DifficultyParts } from '../../question';
import type { DegreeNameGiven } from './given';

/** Tonic, supertonic, … leading, or subtonic a whole step under the tonic. */
export function degreeNameOf(given: DegreeNameGiven): string {
  const key = keyIn(given);
  const { degree, alteration } = degreeOf(key, parseNoteName(given.note));
  return degreeName(key, degree, alteration > 0 ? 'harmonic' : 'natural');
}

export const degreeNameDifficulty = (given: DegreeNameGiven): DifficultyParts => ({
  degree: ['tonic', 'dominant', 'subdominant'].includes(degreeNameOf(given)) ? 0.3 : 0.6,
  ...writingDifficulty(keyIn(given), [parseNoteName(given.note)]),
});
