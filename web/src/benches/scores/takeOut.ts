import { lineOfReading, type ScoreReading, type ScoreToRead } from '@diatonix/core';
import { newId } from '../../documents/ids';
import { FIRST_PROGRESSION, type Progression } from '../../documents/kinds/progression';
import type { ScorePiece } from '../../documents/kinds/score';
import { fetchScript } from '../../fetchScript';

/** The chords of a piece as a progression; null where it has none. */
function progressionOf(
  { title, tempo }: ScorePiece,
  score: ScoreToRead,
  reading: ScoreReading,
): Progression | null {
  const line = lineOfReading(score, reading);
  if (!line) return null;
  const { columns, ...rest } = line;
  return {
    ...FIRST_PROGRESSION,
    ...rest,
    title,
    tempo,
    columns: columns.map((column) => ({ ...column, id: newId() })),
  };
}

export const TAKEN = ['Progression', 'RomanText', 'CSV', 'MIDI'] as const;
export type Taken = (typeof TAKEN)[number];

/** Takes the chords of a piece out: to a progression of the workbook, or to a file. Returns what is to be told. */
export async function takeOut(
  taken: Taken,
  piece: ScorePiece,
  score: ScoreToRead,
  reading: ScoreReading,
): Promise<string | null> {
  const progression = progressionOf(piece, score, reading);
  if (!progression) return 'The piece has no chords to take out.';
  if (taken === 'Progression') {
    const { addProgression } = await fetchScript(() => import('../progressions/state'));
    addProgression(progression);
    return `The chords stand on the Progressions bench as “${progression.title}”.`;
  }
  const { exportProgression } = await fetchScript(() => import('../progressions/exportLine'));
  return exportProgression(progression, taken);
}
