import { scaleWorking } from '../../../working/keyWorking';
import type { ExerciseKind } from '../../exerciseKind';
import { keyIn } from '../../givenReading';
import { SCALE_ANSWER } from './answer';
import { generateScaleWrite } from './generate';
import { SCALE_WRITE_FIELDS, type ScaleWriteGiven } from './given';
import { layoutScaleWrite } from './layout';
import { SCALE_WRITE_MISTAKES } from './mistakes';
import { scaleWriteDifficulty, solveScaleWrite } from './solve';

/** A key and a form of its scale; the seven notes are written upward from the tonic. */
export const SCALE_WRITE: ExerciseKind<ScaleWriteGiven, readonly string[]> = {
  id: 'scale-write',
  materialFields: ['keys', 'clefs', 'forms'],
  defaults: { forms: ['natural', 'harmonic', 'melodic'] },
  fields: SCALE_WRITE_FIELDS,
  answer: SCALE_ANSWER,
  generate: generateScaleWrite,
  solve: solveScaleWrite,
  difficulty: scaleWriteDifficulty,
  same: (given) => [given.key, given.form],
  layout: layoutScaleWrite,
  working: (given) => scaleWorking(keyIn(given), given.form),
  mistakes: SCALE_WRITE_MISTAKES,
  played: { as: 'row', octaves: false },
};
