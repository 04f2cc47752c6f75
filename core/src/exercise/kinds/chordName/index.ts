import { chordAnswer } from '../../answers/chordAnswer';
import type { ChordAnswer } from '../../answers/chordText';
import { QUALITIES, USUAL_QUALITIES, type ChordSize } from '../../chordQualities';
import type { ExerciseKind } from '../../exerciseKind';
import { INVERSIONS_ASKED } from '../../generating/rollChord';
import { generateChordName } from './generate';
import { CHORD_NAME_FIELDS, type ChordNameGiven } from './given';
import { layoutChord } from './layout';
import { chordNameMistakes } from './mistakes';
import { chordNameDifficulty, solveChordName } from './solve';
import { workingChordName } from './working';

/** Notes on a staff; root, quality and inversion are named. */
function naming(id: string, family: ChordSize): ExerciseKind<ChordNameGiven, ChordAnswer> {
  return {
    id,
    materialFields: [
      'keys',
      'clefs',
      'qualities',
      'inversions',
      'positions',
      'accidentals',
      'chromatic',
      'ledgerLines',
    ],
    defaults: { qualities: USUAL_QUALITIES[family], inversions: INVERSIONS_ASKED[family], ledgerLines: 2 },
    qualities: QUALITIES[family],
    inversions: INVERSIONS_ASKED[family],
    fields: CHORD_NAME_FIELDS,
    answer: chordAnswer(family),
    generate: generateChordName,
    solve: (given) => solveChordName(given, family),
    difficulty: (given) => chordNameDifficulty(given, family),
    same: (given) => given.notes,
    layout: layoutChord,
    working: (given, ways) => workingChordName(given, family, ways),
    mistakes: chordNameMistakes(family),
  };
}

export const TRIAD_NAME = naming('triad-name', 'triad');
export const SEVENTH_NAME = naming('seventh-name', 'seventh');
export const EXTENDED_NAME = naming('extended-name', 'extended');
