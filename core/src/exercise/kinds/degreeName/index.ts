import { DEGREE_ANSWER } from '../../answers/degreeAnswer';
import type { ExerciseKind } from '../../exerciseKind';
import { degreeChoices } from './answer';
import { generateDegreeName } from './generate';
import { DEGREE_NAME_FIELDS, type DegreeNameGiven } from './given';
import { layoutDegreeName } from './layout';
import { DEGREE_NAME_MISTAKES } from './mistakes';
import { degreeNameDifficulty, degreeNameOf } from './solve';
import { workingDegreeName } from './working';

/** A note of a key; its degree is named: tonic, supertonic, … leading, or subtonic a whole step under the tonic. */
export const DEGREE_NAME: ExerciseKind<DegreeNameGiven, string> = {
  id: 'degree-name',
  materialFields: ['keys', 'forms'],
  defaults: { forms: ['natural', 'harmonic'] },
  fields: DEGREE_NAME_FIELDS,
  answer: DEGREE_ANSWER,
  generate: generateDegreeName,
  solve: (given) => [degreeNameOf(given)],
  difficulty: degreeNameDifficulty,
  layout: layoutDegreeName,
  working: workingDegreeName,
  mistakes: DEGREE_NAME_MISTAKES,
  choices: degreeChoices,
};
