import { intervalWorking } from '../../../working/intervalWorking';
import { INTERVAL_ANSWER } from '../../answers/intervalAnswer';
import type { ExerciseKind } from '../../exerciseKind';
import { momentsOf } from '../../heard/timedSound';
import { inWords } from '../../layout/questionLayout';
import {
  AUGMENTED_DIMINISHED,
  INVERTED,
  MAJOR_MINOR,
  MEASURING,
  OCTAVE_LEFT_OUT,
  familiesConfused,
  inIntervalName,
} from '../../mistakes/intervals';
import { generateHeardInterval } from './generate';
import { HEARD_INTERVAL_FIELDS, type HeardIntervalGiven } from './given';
import { heardIntervalDifficulty, notesHeard, solveHeardInterval } from './solve';

/** Two notes are played, together or one after the other; the interval is named. */
export const HEARD_INTERVAL: ExerciseKind<HeardIntervalGiven, string> = {
  id: 'heard-interval',
  materialFields: ['how', 'intervals', 'compound', 'keys', 'clefs', 'tempo'],
  defaults: {},
  fields: HEARD_INTERVAL_FIELDS,
  answer: INTERVAL_ANSWER,
  generate: generateHeardInterval,
  solve: solveHeardInterval,
  difficulty: heardIntervalDifficulty,
  same: (given) => [given.how, momentsOf(given.sound)],
  layout: ({ how }) => inWords({ say: 'heard', of: 'interval', how }),
  working: (given, ways = {}) => intervalWorking(...notesHeard(given), ways.intervals ?? 'half-steps'),
  mistakes: [
    inIntervalName(INVERTED),
    familiesConfused,
    ...[MAJOR_MINOR, OCTAVE_LEFT_OUT, AUGMENTED_DIMINISHED, ...MEASURING].map(inIntervalName),
  ],
  pairsStartWithReading: true,
  sound: ({ sound }) => momentsOf(sound),
  timed: (given) => given,
};
