import { FIGURED_ANSWER, type FiguredAnswer } from '../../answers/figuredAnswer';
import type { ExerciseKind } from '../../exerciseKind';
import { generateFiguresName } from './generate';
import { FIGURES_NAME_FIELDS, type FiguresNameGiven } from './given';
import { layoutFiguresName } from './layout';
import { FIGURES_NAME_MISTAKES } from './mistakes';
import { figuresNameDifficulty, solveFiguresName } from './solve';
import { workingFiguresName } from './working';

/** A bass note with its figures; the notes over it and the numeral are written. */
export const FIGURES_NAME: ExerciseKind<FiguresNameGiven, FiguredAnswer> = {
  id: 'figures-name',
  materialFields: ['keys', 'numerals', 'inversions', 'ledgerLines', 'untaught'],
  defaults: { inversions: [0, 1, 2, 3] },
  fields: FIGURES_NAME_FIELDS,
  answer: FIGURED_ANSWER,
  generate: generateFiguresName,
  solve: solveFiguresName,
  difficulty: figuresNameDifficulty,
  layout: layoutFiguresName,
  working: workingFiguresName,
  mistakes: FIGURES_NAME_MISTAKES,
  numeralAsked: (_, answers) => answers[0]?.numeral ?? null,
};
