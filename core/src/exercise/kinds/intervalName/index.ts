import { parseNote } from '../../../pitch/parse';
import { INTERVAL_ANSWER } from '../../answers/intervalAnswer';
import type { ExerciseKind } from '../../exerciseKind';
import { twoNotesDifficulty } from '../../generating/rollInterval';
import { generateIntervalName } from './generate';
import { INTERVAL_NAME_FIELDS, type IntervalNameGiven } from './given';
import { layoutIntervalName } from './layout';
import { INTERVAL_NAME_MISTAKES } from './mistakes';
import { solveIntervalName } from './solve';
import { workingIntervalName } from './working';

/** Two notes on a staff; the interval is named. */
export const INTERVAL_NAME: ExerciseKind<IntervalNameGiven, string> = {
  id: 'interval-name',
  materialFields: ['keys', 'clefs', 'intervals', 'compound', 'accidentals', 'chromatic', 'ledgerLines'],
  defaults: {},
  fields: INTERVAL_NAME_FIELDS,
  answer: INTERVAL_ANSWER,
  generate: generateIntervalName,
  solve: solveIntervalName,
  difficulty: (given) => twoNotesDifficulty(given, parseNote(given.from), parseNote(given.to)),
  same: (given) => [given.from, given.to],
  layout: layoutIntervalName,
  working: workingIntervalName,
  mistakes: INTERVAL_NAME_MISTAKES,
  pairsStartWithReading: true,
};
