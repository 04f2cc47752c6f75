import { notesAnswer } from '../../answers/notesAnswer';
import type { ExerciseKind } from '../../exerciseKind';
import { generateNumeralBuild } from './generate';
import { NUMERAL_BUILD_FIELDS, type NumeralBuildGiven } from './given';
import { layoutNumeralBuild } from './layout';
import { NUMERAL_BUILD_MISTAKES } from './mistakes';
import { numeralBuildDifficulty, solveNumeralBuild } from './solve';
import { workingNumeralBuild } from './working';

/** A numeral in a key; its notes are written from the lowest up. */
export const NUMERAL_BUILD: ExerciseKind<NumeralBuildGiven, readonly string[]> = {
  id: 'numeral-build',
  materialFields: ['keys', 'numerals', 'inversions', 'untaught'],
  defaults: { inversions: [0, 1, 2] },
  fields: NUMERAL_BUILD_FIELDS,
  answer: notesAnswer('lowest note'),
  generate: generateNumeralBuild,
  solve: solveNumeralBuild,
  difficulty: numeralBuildDifficulty,
  layout: layoutNumeralBuild,
  working: workingNumeralBuild,
  mistakes: NUMERAL_BUILD_MISTAKES,
  played: { as: 'stack', octaves: false },
  numeralAsked: ({ numeral }) => numeral,
};
