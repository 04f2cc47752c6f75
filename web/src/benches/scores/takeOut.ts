import { lineOfReading, scoreOfRows, type ScoreReading, type ScoreToRead } from '@diatonix/core';
import { download, fileName, MUSICXML_TYPE } from '../../documents/files/download';
import { newId } from '../../documents/store/ids';
import { FIRST_PROGRESSION, type Progression } from '../../documents/kinds/progression/type';
import type { ScorePiece } from '../../documents/kinds/score/type';
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

export const TAKEN = ['Progression', 'MusicXML', 'RomanText', 'CSV', 'MIDI'] as const;
export type Taken = (typeof TAKEN)[number];

/**
 * Takes the piece with its chords, or the chords alone, out: to a progression of the workbook, or to a file.
 * Returns what is to be told.
 */
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
  if (taken === 'MusicXML') {
    const { writeScoreXml } = await fetchScript(() => import('@diatonix/core/files'));
    const text = writeScoreXml({ ...scoreOfRows(piece.score), title: piece.title }, reading);
    download(new Blob([text]), `${fileName(piece.title)}.musicxml`, MUSICXML_TYPE);
    return null;
  }
  const { exportProgression } = await fetchScript(() => import('../progressions/exportLine'));
  return exportProgression(progression, taken);
}
