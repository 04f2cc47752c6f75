import type { ExerciseKind } from '../../exerciseKind';
import { HARMONY_ANSWER } from './answer';
import { generateHarmonise } from './generate';
import { HARMONISE_FIELDS, type HarmoniseGiven } from './given';
import { layoutHarmonise } from './layout';
import { harmoniseDifficulty, solveHarmonise } from './solve';
import { workingHarmonise } from './working';

/** A melody and the chords that were taught; a chord is written under each note. */
export const HARMONISE: ExerciseKind<HarmoniseGiven, readonly string[]> = {
  id: 'harmonise',
  materialFields: ['keys', 'length', 'numerals', 'untaught'],
  defaults: { length: 6 },
  fields: HARMONISE_FIELDS,
  answer: HARMONY_ANSWER,
  generate: generateHarmonise,
  solve: solveHarmonise,
  difficulty: harmoniseDifficulty,
  layout: layoutHarmonise,
  working: workingHarmonise,
  mistakes: [],
};
