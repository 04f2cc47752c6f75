import { notesAnswer } from '../../answers/notesAnswer';
import type { ExerciseKind } from '../../exerciseKind';
import { generateTranspose } from './generate';
import { TRANSPOSE_FIELDS, type TransposeGiven } from './given';
import { layoutTranspose } from './layout';
import { TRANSPOSE_MISTAKES } from './mistakes';
import { keyMovedTo, solveTranspose, transposeDifficulty } from './solve';
import { workingTranspose } from './working';

/** A few notes of a key; they are written an interval higher or lower. */
export const TRANSPOSE: ExerciseKind<TransposeGiven, readonly string[]> = {
  id: 'transpose',
  materialFields: ['keys', 'clefs', 'intervals', 'length', 'ledgerLines'],
  defaults: { intervals: ['m2', 'M2', 'm3', 'M3', 'P4', 'P5'], ledgerLines: 2 },
  fields: TRANSPOSE_FIELDS,
  answer: notesAnswer('places'),
  generate: generateTranspose,
  solve: solveTranspose,
  difficulty: transposeDifficulty,
  layout: layoutTranspose,
  working: workingTranspose,
  mistakes: TRANSPOSE_MISTAKES,
  pairsStartWithReading: true,
  played: { as: 'row', octaves: true, spelledIn: keyMovedTo },
};
