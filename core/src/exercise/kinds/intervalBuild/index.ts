import { parseInterval } from '../../../interval/interval';
import { parseNote } from '../../../pitch/parse';
import { buildIntervalWorking } from '../../../working/intervalWorking';
import { NOTE_ANSWER } from '../../answers/noteAnswer';
import type { ExerciseKind } from '../../exerciseKind';
import { generateIntervalBuild } from './generate';
import { INTERVAL_BUILD_FIELDS, type IntervalBuildGiven } from './given';
import { layoutIntervalBuild } from './layout';
import { INTERVAL_BUILD_MISTAKES } from './mistakes';
import { intervalBuildDifficulty, solveIntervalBuild } from './solve';

/** A note on a staff and the name of an interval; the other note is written above or below. */
export const INTERVAL_BUILD: ExerciseKind<IntervalBuildGiven, string> = {
  id: 'interval-build',
  materialFields: ['keys', 'clefs', 'intervals', 'compound', 'accidentals', 'chromatic', 'ledgerLines'],
  defaults: {},
  fields: INTERVAL_BUILD_FIELDS,
  answer: NOTE_ANSWER,
  generate: generateIntervalBuild,
  solve: solveIntervalBuild,
  difficulty: intervalBuildDifficulty,
  same: (given) => [given.from, given.name, given.below],
  layout: layoutIntervalBuild,
  working: ({ from, name, below = false }) =>
    buildIntervalWorking(parseNote(from), parseInterval(name), below),
  mistakes: INTERVAL_BUILD_MISTAKES,
  pairsStartWithReading: true,
  played: { as: 'one', octaves: true },
};
