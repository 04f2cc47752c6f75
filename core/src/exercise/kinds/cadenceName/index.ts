import { CADENCE_ENDS } from '../../cadenceEnds';
import type { ExerciseKind } from '../../exerciseKind';
import { IN_CADENCE_NAME } from '../../mistakes/cadences';
import { CADENCE_ANSWER } from './answer';
import { generateCadenceName } from './generate';
import { CADENCE_NAME_FIELDS, type CadenceNameGiven } from './given';
import { layoutCadenceName } from './layout';
import { cadenceNameDifficulty, solveCadenceName } from './solve';
import { workingCadenceName } from './working';

/** The last two chords of a phrase on a grand staff; the cadence is named. */
export const CADENCE_NAME: ExerciseKind<CadenceNameGiven, string> = {
  id: 'cadence-name',
  materialFields: ['keys', 'cadences'],
  defaults: {},
  fields: CADENCE_NAME_FIELDS,
  answer: CADENCE_ANSWER,
  generate: generateCadenceName,
  solve: solveCadenceName,
  difficulty: cadenceNameDifficulty,
  layout: layoutCadenceName,
  working: workingCadenceName,
  mistakes: IN_CADENCE_NAME,
  choices: () => Object.keys(CADENCE_ENDS),
};
