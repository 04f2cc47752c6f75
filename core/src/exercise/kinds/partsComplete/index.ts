import { voicesAnswer } from '../../answers/voicesAnswer';
import type { ExerciseKind } from '../../exerciseKind';
import { voicesOnStaff } from '../../layout/staffLayout';
import { generatePartsComplete } from './generate';
import { PARTS_COMPLETE_FIELDS, type PartsCompleteGiven } from './given';
import { layoutPartsComplete } from './layout';
import { partsCompleteDifficulty, solvePartsComplete } from './solve';
import { workingPartsComplete } from './working';

/** Outer voices with their numerals, or the bass alone; the other voices are written. */
export const PARTS_COMPLETE: ExerciseKind<PartsCompleteGiven, readonly (readonly string[])[]> = {
  id: 'parts-complete',
  materialFields: ['keys', 'length', 'voices', 'untaught'],
  defaults: { length: 5 },
  fields: PARTS_COMPLETE_FIELDS,
  answer: voicesAnswer({
    numerals: ({ numerals }) => numerals,
    keeps: ({ voices }, at, own) => voices[at]!.every((note, voice) => note === null || note === own[voice]),
  }),
  generate: generatePartsComplete,
  solve: solvePartsComplete,
  difficulty: partsCompleteDifficulty,
  layout: layoutPartsComplete,
  voices: ({ voices }) => voices,
  answeredStaff: ({ key }, voices) => voicesOnStaff(key, voices, true),
  working: workingPartsComplete,
  mistakes: [],
};
