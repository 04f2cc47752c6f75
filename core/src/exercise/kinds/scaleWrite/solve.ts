import { scaleOf } from '../../../key/scale';
import { printNoteName } from '../../../pitch/print';
import { writingDifficulty } from '../../generating/staffWriting';
import { keyIn } from '../../givenReading';
import type { DifficultyParts } from '../../question';
import type { ScaleWriteGiven } from './given';

const scale = (given: ScaleWriteGiven) => scaleOf(keyIn(given), given.form);

/** Its seven notes upward from the tonic. */
export const solveScaleWrite = (given: ScaleWriteGiven): readonly (readonly string[])[] => [
  scale(given).map(printNoteName),
];

export const scaleWriteDifficulty = (given: ScaleWriteGiven): DifficultyParts => ({
  scale: given.form === 'natural' ? 0.6 : given.form === 'harmonic' ? 0.9 : 1.1,
  ...writingDifficulty(keyIn(given), scale(given)),
});
