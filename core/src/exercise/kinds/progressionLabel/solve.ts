import { chordsIn, keyIn } from '../../givenReading';
import { labellingDifficulty, labelsOf } from '../../labelling';
import type { DifficultyParts } from '../../question';
import { cadenceAtEnd } from '../cadenceName/solve';
import type { ProgressionLabelGiven } from './given';

/** A numeral for each chord, and the cadence at the end where it is asked for. */
export const solveProgressionLabel = (given: ProgressionLabelGiven): readonly (readonly string[])[] => [
  [...labelsOf(chordsIn(given.chords), keyIn(given)), ...(given.also ? [cadenceAtEnd(given) ?? 'none'] : [])],
];

export const progressionLabelDifficulty = (given: ProgressionLabelGiven): DifficultyParts => ({
  ...labellingDifficulty(chordsIn(given.chords), keyIn(given), 0.25),
  ...(given.also ? { cadence: 0.4 } : {}),
});
