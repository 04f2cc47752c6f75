import { chordsIn, keyIn } from '../../givenReading';
import { labellingDifficulty, labelsOf } from '../../labelling';
import type { DifficultyParts } from '../../question';
import { solveCadenceName } from '../cadenceName/solve';
import type { ProgressionLabelGiven } from './given';

/** A numeral for each chord, and the cadence at the end where it is asked for. */
export function solveProgressionLabel(given: ProgressionLabelGiven): readonly (readonly string[])[] {
  const labels = labelsOf(chordsIn(given.chords), keyIn(given));
  if (!given.also) return [labels];
  const { key, chords } = given;
  return solveCadenceName({ key, chords: chords.slice(-2) }).map((cadence) => [...labels, cadence]);
}

export const progressionLabelDifficulty = (given: ProgressionLabelGiven): DifficultyParts => ({
  ...labellingDifficulty(chordsIn(given.chords), keyIn(given), 0.25),
  ...(given.also ? { cadence: 0.4 } : {}),
});
