import { CADENCE_NAME } from '../cadenceName';
import { cadenceReadings } from '../cadenceName/solve';
import { NUMERAL_LABEL } from '../numeralLabel';
import type { ExerciseKind, AnyKind } from '../../exerciseKind';
import { cadenceWorking } from '../../cadenceWorking';
import { chordsIn, keyTextAt } from '../../givenReading';
import { labellingWorking } from '../../labelling';
import { cadenceGiven, PROGRESSION_ANSWER } from './answer';
import { generateProgressionLabel } from './generate';
import { PROGRESSION_LABEL_FIELDS, type ProgressionLabelGiven } from './given';
import { layoutProgressionLabel } from './layout';
import { progressionLabelDifficulty, solveProgressionLabel } from './solve';

/** A line of chords on a grand staff; each is labelled, and the cadence at its end named where that is asked. */
export const PROGRESSION_LABEL: ExerciseKind<ProgressionLabelGiven, readonly string[]> = {
  id: 'progression-label',
  materialFields: ['keys', 'length', 'untaught', 'also', 'cadences'],
  defaults: { length: 6 },
  fields: PROGRESSION_LABEL_FIELDS,
  answer: PROGRESSION_ANSWER,
  generate: generateProgressionLabel,
  solve: solveProgressionLabel,
  difficulty: progressionLabelDifficulty,
  layout: layoutProgressionLabel,
  working: (given) => [
    ...labellingWorking(chordsIn(given.chords), given),
    ...(given.also ? cadenceWorking(cadenceReadings(cadenceGiven(given))) : []),
  ],
  mistakes: [],
  additionalTask: ({ also }) => also ?? null,
  additionalQuestion: (given) => ({
    kind: CADENCE_NAME as AnyKind,
    given: { ...(given.clef ? { clef: given.clef } : {}), ...cadenceGiven(given) },
  }),
  singles: {
    kind: NUMERAL_LABEL as AnyKind,
    of: (given) => given.chords.map((notes, at) => ({ clef: 'treble', key: keyTextAt(given, at), notes })),
  },
};
