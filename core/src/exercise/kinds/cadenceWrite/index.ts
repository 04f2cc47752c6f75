import { LABELS_ANSWER } from '../../answers/numeralAnswer';
import type { ExerciseKind } from '../../exerciseKind';
import { inWantedCadence } from '../../mistakes/cadences';
import { OTHER_KEYS, inGivenKey } from '../../mistakes/keys';
import { generateCadenceWrite } from './generate';
import { CADENCE_WRITE_FIELDS, type CadenceWriteGiven } from './given';
import { layoutCadenceWrite } from './layout';
import { cadenceWriteDifficulty, solveCadenceWrite } from './solve';
import { workingCadenceWrite } from './working';

/** A cadence in a key; the numerals of its two chords are written: every usual pair is right. */
export const CADENCE_WRITE: ExerciseKind<CadenceWriteGiven, readonly string[]> = {
  id: 'cadence-write',
  materialFields: ['keys', 'cadences'],
  defaults: {},
  fields: CADENCE_WRITE_FIELDS,
  answer: LABELS_ANSWER,
  generate: generateCadenceWrite,
  solve: solveCadenceWrite,
  difficulty: cadenceWriteDifficulty,
  layout: layoutCadenceWrite,
  working: workingCadenceWrite,
  mistakes: [
    ...OTHER_KEYS.map((turn) => inGivenKey<CadenceWriteGiven>(turn)),
    ...inWantedCadence<CadenceWriteGiven>(),
  ],
};
