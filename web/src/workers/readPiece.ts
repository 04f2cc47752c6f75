import {
  attempt,
  PieceReader,
  ScoreRowsReader,
  type ChordsFrom,
  type Modulation,
  type PieceReading,
  type RulingRow,
  type ScoreRows,
} from '@diatonix/core';
import { newId } from '../documents/store/ids';
import { pieceChange, type PieceChange } from './pieceChange';

export interface PieceRequest {
  readonly score: ScoreRows;
  readonly rulings: readonly RulingRow[];
  readonly modulation: Modulation;
  readonly chordsFrom?: ChordsFrom;
  /** The id of the reading that the page holds, where it holds one. */
  readonly have?: string | null;
}

/** The reading of a piece, whole, or as what is other than in the reading that the page holds. */
export type ReadPiece =
  | { readonly ok: true; readonly id: string; readonly piece: PieceReading }
  | { readonly ok: true; readonly id: string; readonly change: PieceChange }
  | { readonly ok: false; readonly message: string };

/** Reads pieces chord by chord under their rulings, and remembers the last. */
export class PieceDesk {
  private readonly rows = new ScoreRowsReader();
  private readonly reader = new PieceReader();
  private last: { readonly id: string; readonly piece: PieceReading } | null = null;

  read({ score, rulings, modulation, chordsFrom, have }: PieceRequest): ReadPiece {
    const piece = attempt(() => this.reader.read(this.rows.read(score), rulings, modulation, chordsFrom));
    if (!piece.ok) return { ok: false, message: piece.error.message };
    const { last } = this;
    const id = newId();
    this.last = { id, piece: piece.value };
    return last && have === last.id
      ? { ok: true, id, change: pieceChange(last.piece, piece.value) }
      : { ok: true, id, piece: piece.value };
  }
}

const DESK = new PieceDesk();

/** Reads a piece; as long as this worker lives only what an edit or a ruling can have touched is read anew. */
export function readPieceFile(request: PieceRequest): ReadPiece {
  return DESK.read(request);
}
