import { notesAnswer } from '../../answers/notesAnswer';
import { QUALITIES } from '../../chordQualities';
import type { ExerciseKind } from '../../exerciseKind';
import { INVERSIONS_ASKED } from '../../generating/rollChord';
import { generateInversionTurn } from './generate';
import { INVERSION_TURN_FIELDS, type InversionTurnGiven } from './given';
import { layoutInversionTurn } from './layout';
import { INVERSION_TURN_MISTAKES } from './mistakes';
import { inversionTurnDifficulty, solveInversionTurn } from './solve';
import { workingInversionTurn } from './working';

const TRIADS_AND_SEVENTHS = [...QUALITIES.triad, ...QUALITIES.seventh];

/** A chord in close position; the next inversion is written above it, and the note above its gap named where asked. */
export const INVERSION_TURN: ExerciseKind<InversionTurnGiven, readonly string[]> = {
  id: 'inversion-turn',
  materialFields: [
    'keys',
    'clefs',
    'qualities',
    'inversions',
    'accidentals',
    'chromatic',
    'ledgerLines',
    'also',
  ],
  defaults: { qualities: QUALITIES.triad, inversions: [0, 1, 2], ledgerLines: 2 },
  qualities: TRIADS_AND_SEVENTHS,
  inversions: INVERSIONS_ASKED.triad,
  fields: INVERSION_TURN_FIELDS,
  answer: notesAnswer('lowest note'),
  generate: generateInversionTurn,
  solve: solveInversionTurn,
  difficulty: inversionTurnDifficulty,
  same: (given) => given.notes,
  layout: layoutInversionTurn,
  working: workingInversionTurn,
  mistakes: INVERSION_TURN_MISTAKES,
  additionalTask: (given) => given.also ?? null,
  played: { as: 'stack', octaves: true },
};
