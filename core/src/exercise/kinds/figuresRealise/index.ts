import { voicesAnswer } from '../../answers/voicesAnswer';
import type { ExerciseKind } from '../../exerciseKind';
import { voicesOnStaff } from '../../layout/staffLayout';
import { generateFiguresRealise } from './generate';
import { FIGURES_REALISE_FIELDS, type FiguresRealiseGiven } from './given';
import { layoutFiguresRealise } from './layout';
import { figuresRealiseDifficulty, numeralsOfBass, solveFiguresRealise } from './solve';
import { workingFiguresRealise } from './working';

/** A figured bass; it is set for four voices. */
export const FIGURES_REALISE: ExerciseKind<FiguresRealiseGiven, readonly (readonly string[])[]> = {
  id: 'figures-realise',
  materialFields: ['keys', 'length', 'untaught'],
  defaults: { length: 5 },
  fields: FIGURES_REALISE_FIELDS,
  answer: voicesAnswer({
    numerals: numeralsOfBass,
    keeps: ({ basses }, at, own) => basses[at] === own[3],
  }),
  generate: generateFiguresRealise,
  solve: solveFiguresRealise,
  difficulty: figuresRealiseDifficulty,
  layout: layoutFiguresRealise,
  voices: ({ basses }) => basses.map((bass) => [null, null, null, bass]),
  answeredStaff: ({ key }, voices) => voicesOnStaff(key, voices, true),
  working: workingFiguresRealise,
  mistakes: [],
};
