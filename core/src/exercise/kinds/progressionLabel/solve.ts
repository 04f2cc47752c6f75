import { chordsIn } from '../../givenReading';
import { labellingDifficulty, labelsOf } from '../../labelling';
import type { DifficultyParts } from '../../question';
import { solveCadenceName } from '../cadenceName/solve';
import type { ProgressionLabelGiven } from './given';

/** The key in which a line ends: that of its cadence. */
export const lastKey = ({ key, keys }: ProgressionLabelGiven): string => keys?.at(-1) ?? key;

/** A numeral for each chord, and the cadence at the end where it is asked for. */
export function solveProgressionLabel(given: ProgressionLabelGiven): readonly (readonly string[])[] {
  const labels = labelsOf(chordsIn(given.chords), given);
  if (!given.also) return [labels];
  const { chords } = given;
  return solveCadenceName({ key: lastKey(given), chords: chords.slice(-2) }).map((cadence) => [
    ...labels,
    cadence,
  ]);
}

export const progressionLabelDifficulty = (given: ProgressionLabelGiven): DifficultyParts => ({
  ...labellingDifficulty(chordsIn(given.chords), given, 0.25),
  ...(given.also ? { cadence: 0.4 } : {}),
});
