import type { ExerciseKind } from '../../exerciseKind';
import { WORK_BACK_ANSWER } from './answer';
import { generateWorkBack } from './generate';
import { WORK_BACK_FIELDS, type WorkBackGiven } from './given';
import { layoutWorkBack } from './layout';
import { WORK_BACK_MISTAKES } from './mistakes';
import { drawWorkBack, readDrawnWorkBack } from './sent';
import { solveWorkBack, workBackDifficulty } from './solve';
import { workingWorkBack } from './working';

/** A target with a bracket and an arrow before it; the chords that go to it are written. */
export const WORK_BACK: ExerciseKind<WorkBackGiven, readonly string[]> = {
  id: 'work-back',
  materialFields: ['keys', 'numerals', 'untaught', 'roles'],
  defaults: {},
  fields: WORK_BACK_FIELDS,
  answer: WORK_BACK_ANSWER,
  generate: generateWorkBack,
  solve: solveWorkBack,
  difficulty: workBackDifficulty,
  layout: layoutWorkBack,
  working: workingWorkBack,
  mistakes: WORK_BACK_MISTAKES,
  sent: { draw: drawWorkBack, read: readDrawnWorkBack },
};
