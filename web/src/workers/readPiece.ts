import {
  attempt,
  weighPiece,
  scoreOfRows,
  type Modulation,
  type PieceReading,
  type RulingRow,
  type ScoreRows,
} from '@diatonix/core';

export interface PieceRequest {
  readonly score: ScoreRows;
  readonly rulings: readonly RulingRow[];
  readonly modulation: Modulation;
}

export type ReadPiece =
  { readonly ok: true; readonly piece: PieceReading } | { readonly ok: false; readonly message: string };

/** Reads a piece chord by chord under its rulings. */
export function readPiece({ score, rulings, modulation }: PieceRequest): ReadPiece {
  const piece = attempt(() => weighPiece(scoreOfRows(score), rulings, modulation));
  return piece.ok ? { ok: true, piece: piece.value } : { ok: false, message: piece.error.message };
}
