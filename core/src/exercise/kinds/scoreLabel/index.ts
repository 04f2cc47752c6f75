import { NUMERAL_LABEL } from '../numeralLabel';
import { LABELS_ANSWER } from '../../answers/numeralAnswer';
import type { ExerciseKind, AnyKind } from '../../exerciseKind';
import { keyTextAt } from '../../givenReading';
import { labellingDifficulty, labellingWorking } from '../../labelling';
import { generateScoreLabel } from './generate';
import { SCORE_LABEL_FIELDS, type ScoreLabelGiven } from './given';
import { layoutScoreLabel } from './layout';
import { solveScoreLabel, soundingChords } from './solve';

/** A phrase for four voices, or bars of a piece; each chord is labelled. */
export const SCORE_LABEL: ExerciseKind<ScoreLabelGiven, readonly string[]> = {
  id: 'score-label',
  materialFields: ['keys', 'length', 'untaught'],
  defaults: { length: 6 },
  fields: SCORE_LABEL_FIELDS,
  answer: LABELS_ANSWER,
  generate: generateScoreLabel,
  solve: solveScoreLabel,
  difficulty: (given) => labellingDifficulty(soundingChords(given), given, 0.3),
  layout: layoutScoreLabel,
  working: (given) => labellingWorking(soundingChords(given), given),
  mistakes: [],
  singles: {
    kind: NUMERAL_LABEL as AnyKind,
    of: (given) =>
      (given.chords ?? given.voices ?? []).map((notes, at) => ({
        clef: 'treble',
        key: keyTextAt(given, at),
        notes,
      })),
  },
};
