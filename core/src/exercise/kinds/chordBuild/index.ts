import { QUALITIES, USUAL_QUALITIES, type ChordSize } from '../../chordQualities';
import type { ExerciseKind } from '../../exerciseKind';
import { INVERSIONS_ASKED } from '../../generating/rollChord';
import { CHORD_NOTES_ANSWER } from './answer';
import { generateChordBuild } from './generate';
import { CHORD_BUILD_FIELDS, type ChordBuildGiven } from './given';
import { layoutChordBuild } from './layout';
import { chordBuildMistakes } from './mistakes';
import { chordBuildDifficulty, solveChordBuild } from './solve';
import { workingChordBuild } from './working';

/** A root, a quality and an inversion; the notes are written from the lowest up. */
function building(id: string, family: ChordSize): ExerciseKind<ChordBuildGiven, readonly string[]> {
  return {
    id,
    materialFields: ['keys', 'clefs', 'qualities', 'inversions', 'accidentals', 'chromatic'],
    defaults: { qualities: USUAL_QUALITIES[family], inversions: INVERSIONS_ASKED[family] },
    qualities: QUALITIES[family],
    inversions: INVERSIONS_ASKED[family],
    fields: CHORD_BUILD_FIELDS,
    answer: CHORD_NOTES_ANSWER,
    generate: generateChordBuild,
    solve: solveChordBuild,
    difficulty: chordBuildDifficulty,
    same: (given) => [given.root, given.quality, given.inversion],
    layout: layoutChordBuild,
    working: workingChordBuild,
    mistakes: chordBuildMistakes(family),
    played: { as: 'stack', octaves: false },
  };
}

export const TRIAD_BUILD = building('triad-build', 'triad');
export const SEVENTH_BUILD = building('seventh-build', 'seventh');
export const EXTENDED_BUILD = building('extended-build', 'extended');
