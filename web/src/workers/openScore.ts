import { attempt, rowsOfScore, type ScoreRows } from '@diatonix/core';
import { readScoreFile } from '@diatonix/core/files';
import type { ScoreFile } from './readScore';

/** A piece of a file in rows, with what was passed over or guessed, or the error's message. */
export type OpenedScore =
  | { readonly ok: true; readonly rows: ScoreRows; readonly remarks: readonly string[] }
  | { readonly ok: false; readonly message: string };

/** Reads a piece from a file away from the page. */
export function openScoreFile({ name, bytes }: ScoreFile): OpenedScore {
  const read = attempt(() => readScoreFile(name, bytes));
  if (!read.ok) return { ok: false, message: read.error.message };
  return { ok: true, rows: rowsOfScore(read.value.value), remarks: read.value.remarks };
}
