import type { ExerciseKind } from '../../exerciseKind';
import { CADENCE_PAIR_ANSWER } from './answer';
import { generateCadenceWrite } from './generate';
import { CADENCE_WRITE_FIELDS, type CadenceWriteGiven } from './given';
import { layoutCadenceWrite } from './layout';
import { CADENCE_WRITE_MISTAKES } from './mistakes';
import { cadenceWriteDifficulty, solveCadenceWrite } from './solve';
import { workingCadenceWrite } from './working';

/** A cadence in a key; the numerals of its two chords are written: every usual pair is right. */
export const CADENCE_WRITE: ExerciseKind<CadenceWriteGiven, readonly string[]> = {
  id: 'cadence-write',
  materialFields: ['keys', 'cadences'],
  defaults: {},
  fields: CADENCE_WRITE_FIELDS,
  answer: CADENCE_PAIR_ANSWER,
  generate: generateCadenceWrite,
  solve: solveCadenceWrite,
  difficulty: cadenceWriteDifficulty,
  layout: layoutCadenceWrite,
  working: workingCadenceWrite,
  mistakes: CADENCE_WRITE_MISTAKES,
};
