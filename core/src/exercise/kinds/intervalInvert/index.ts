import { intervalBetween } from '../../../interval/interval';
import { parseNote } from '../../../pitch/parse';
import { inversionCheckWorking } from '../../../working/intervalWorking';
import { INTERVAL_ANSWER } from '../../answers/intervalAnswer';
import type { ExerciseKind } from '../../exerciseKind';
import { twoNotesDifficulty } from '../../generating/rollInterval';
import { generateIntervalInvert } from './generate';
import { INTERVAL_INVERT_FIELDS, type IntervalInvertGiven } from './given';
import { layoutIntervalInvert } from './layout';
import { INTERVAL_INVERT_MISTAKES } from './mistakes';
import { followsInterval, solveIntervalInvert } from './solve';

/** An interval on a staff with its name; its inversion is named, checked by the sum of nine. */
export const INTERVAL_INVERT: ExerciseKind<IntervalInvertGiven, string> = {
  id: 'interval-invert',
  materialFields: ['keys', 'clefs', 'intervals', 'accidentals', 'chromatic', 'ledgerLines'],
  defaults: {},
  fields: INTERVAL_INVERT_FIELDS,
  answer: INTERVAL_ANSWER,
  generate: generateIntervalInvert,
  solve: solveIntervalInvert,
  difficulty: (given) => ({
    ...twoNotesDifficulty(given, parseNote(given.from), parseNote(given.to)),
    turning: 0.3,
  }),
  same: (given) => [given.from, given.to],
  layout: layoutIntervalInvert,
  working: ({ from, to }) => inversionCheckWorking(intervalBetween(parseNote(from), parseNote(to))),
  mistakes: INTERVAL_INVERT_MISTAKES,
  pairsStartWithReading: true,
  follows: followsInterval,
};
