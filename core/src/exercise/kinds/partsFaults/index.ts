import type { ExerciseKind } from '../../exerciseKind';
import { FAULTS_ANSWER, type FaultAnswer } from './answer';
import { generatePartsFaults } from './generate';
import { PARTS_FAULTS_FIELDS, type PartsFaultsGiven } from './given';
import { layoutPartsFaults } from './layout';
import { partsFaultsDifficulty, solvePartsFaults } from './solve';
import { workingPartsFaults } from './working';

/** Four voices with a fault or two that somebody made; they are found. */
export const PARTS_FAULTS: ExerciseKind<PartsFaultsGiven, readonly FaultAnswer[]> = {
  id: 'parts-faults',
  materialFields: ['keys', 'length'],
  defaults: { length: 5 },
  fields: PARTS_FAULTS_FIELDS,
  answer: FAULTS_ANSWER,
  generate: generatePartsFaults,
  solve: solvePartsFaults,
  difficulty: partsFaultsDifficulty,
  layout: layoutPartsFaults,
  working: workingPartsFaults,
  mistakes: [],
};
