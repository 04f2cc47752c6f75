import type { ExerciseKind } from '../../exerciseKind';
import { INVERSIONS_ASKED } from '../../generating/rollChord';
import { HEARD_ANSWER, heardChoices } from './answer';
import { generateListen } from './generate';
import { LISTEN_FIELDS, type ListenGiven } from './given';
import { layoutListen } from './layout';
import { LISTEN_MISTAKES } from './mistakes';
import { listenDifficulty, solveListen } from './solve';
import { workingListen } from './working';

/** Something is played, and named: an interval, the quality of a triad or a seventh chord, an inversion, a cadence. */
export const LISTEN: ExerciseKind<ListenGiven, string | number> = {
  id: 'listen',
  materialFields: ['listened', 'keys', 'clefs', 'intervals', 'compound', 'inversions', 'cadences'],
  defaults: { inversions: [0] },
  inversions: INVERSIONS_ASKED.triad,
  fields: LISTEN_FIELDS,
  answer: HEARD_ANSWER,
  generate: generateListen,
  solve: solveListen,
  difficulty: listenDifficulty,
  same: ({ sound }) => sound,
  layout: layoutListen,
  working: workingListen,
  mistakes: LISTEN_MISTAKES,
  pairsStartWithReading: true,
  sound: ({ sound }) => sound,
  choices: heardChoices,
};
