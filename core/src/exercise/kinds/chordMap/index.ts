import type { ExerciseKind } from '../../exerciseKind';
import { MAP_ANSWER, type MapAnswer } from './answer';
import { generateChordMap } from './generate';
import { CHORD_MAP_FIELDS, type ChordMapGiven } from './given';
import { layoutChordMap } from './layout';
import { chordMapDifficulty, solveChordMap } from './solve';
import { workingChordMap } from './working';

/** The whole map of a key, triads or sevenths on each degree; the blank rows are filled in. */
export const CHORD_MAP: ExerciseKind<ChordMapGiven, MapAnswer> = {
  id: 'chord-map',
  materialFields: ['keys', 'rows', 'stacks'],
  defaults: {},
  fields: CHORD_MAP_FIELDS,
  answer: MAP_ANSWER,
  generate: generateChordMap,
  solve: solveChordMap,
  difficulty: chordMapDifficulty,
  layout: layoutChordMap,
  working: workingChordMap,
  mistakes: [],
};
