import { notesAnswer } from '../../answers/notesAnswer';
import type { ExerciseKind } from '../../exerciseKind';
import { generateEnharmonicRespell } from './generate';
import { ENHARMONIC_RESPELL_FIELDS, type EnharmonicRespellGiven } from './given';
import { layoutEnharmonicRespell } from './layout';
import { ENHARMONIC_RESPELL_MISTAKES } from './mistakes';
import { enharmonicRespellDifficulty, solveEnharmonicRespell } from './solve';
import { workingEnharmonicRespell } from './working';

/** A note, an interval or a chord of a key in a spelling that the key does not want; it is written again. */
export const ENHARMONIC_RESPELL: ExerciseKind<EnharmonicRespellGiven, readonly string[]> = {
  id: 'enharmonic-respell',
  materialFields: ['keys', 'clefs', 'numerals', 'inversions', 'ledgerLines', 'untaught', 'respelled'],
  defaults: { inversions: [0, 1, 2], ledgerLines: 2 },
  fields: ENHARMONIC_RESPELL_FIELDS,
  answer: notesAnswer('lowest note'),
  generate: generateEnharmonicRespell,
  solve: solveEnharmonicRespell,
  difficulty: enharmonicRespellDifficulty,
  same: ({ key, notes }) => [key, notes],
  layout: layoutEnharmonicRespell,
  working: workingEnharmonicRespell,
  mistakes: ENHARMONIC_RESPELL_MISTAKES,
  played: { as: 'stack', octaves: true },
};
