import { NUMERAL_ANSWER } from '../../answers/numeralAnswer';
import type { ExerciseKind } from '../../exerciseKind';
import { generateNumeralLabel } from './generate';
import { NUMERAL_LABEL_FIELDS, type NumeralLabelGiven } from './given';
import { layoutNumeralLabel } from './layout';
import { NUMERAL_LABEL_MISTAKES } from './mistakes';
import { numeralLabelDifficulty, solveNumeralLabel } from './solve';
import { workingNumeralLabel } from './working';

/** A chord on a staff under a signature; its numeral in the key is written. */
export const NUMERAL_LABEL: ExerciseKind<NumeralLabelGiven, string> = {
  id: 'numeral-label',
  materialFields: ['keys', 'clefs', 'numerals', 'inversions', 'positions', 'ledgerLines', 'untaught'],
  defaults: { inversions: [0, 1, 2], ledgerLines: 2 },
  fields: NUMERAL_LABEL_FIELDS,
  answer: NUMERAL_ANSWER,
  generate: generateNumeralLabel,
  solve: solveNumeralLabel,
  difficulty: numeralLabelDifficulty,
  layout: layoutNumeralLabel,
  working: workingNumeralLabel,
  mistakes: NUMERAL_LABEL_MISTAKES,
  numeralAsked: (_, answers) => answers[0] ?? null,
};
