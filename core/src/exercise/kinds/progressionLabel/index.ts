import { CADENCE_NAME } from '../cadenceName';
import { cadenceReadings } from '../cadenceName/solve';
import { NUMERAL_LABEL } from '../numeralLabel';
import type { ExerciseKind, AnyKind } from '../../exerciseKind';
import { cadenceWorking } from '../../cadenceWorking';
import { chordsIn, keyIn } from '../../givenReading';
import { labellingWorking } from '../../labelling';
import { PROGRESSION_ANSWER } from './answer';
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
  working: ({ key, chords, also }) => [
    ...labellingWorking(chordsIn(chords), keyIn({ key })),
    ...(also ? cadenceWorking(cadenceReadings({ key, chords: chords.slice(-2) })) : []),
  ],
  mistakes: [],
  additionalTask: ({ also }) => also ?? null,
  additionalQuestion: ({ clef, key, chords }) => ({
    kind: CADENCE_NAME as AnyKind,
    given: { ...(clef ? { clef } : {}), key, chords: chords.slice(-2) },
  }),
  singles: {
    kind: NUMERAL_LABEL as AnyKind,
    of: ({ key, chords }) => chords.map((notes) => ({ clef: 'treble', key, notes })),
  },
};
