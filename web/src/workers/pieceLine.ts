import type { PieceReading, ScoreRows } from '@diatonix/core';
import { runTask, type Running } from './client';
import { changedPiece } from './pieceChange';
import type { PieceRequest, ReadPiece } from './readPiece';

/** What is told of a piece that is read. */
export interface PieceTold {
  /** A reading, and the rows that it was made of. */
  readonly read: (piece: PieceReading, rows: ScoreRows) => void;
  /** Whether it takes long. */
  readonly slow: (isSlow: boolean) => void;
  /** What went wrong; null where something new is tried. */
  readonly problem: (message: string | null) => void;
}

type Asked = Omit<PieceRequest, 'have'>;

/**
 * Has a piece read in the worker while it is worked on: one reading after the other, and always the newest state
 * next. A reading is let finish, so that the worker remembers it for the next one; only one that takes long is given
 * up for a newer.
 */
export class PieceLine {
  private running: Running<ReadPiece> | null = null;
  private isSlow = false;
  private isClosed = false;
  private waiting: Asked | null = null;
  private last: Asked | null = null;
  private held: { readonly id: string; readonly piece: PieceReading } | null = null;

  constructor(
    private readonly told: PieceTold,
    private readonly run: typeof runTask = runTask,
  ) {}

  /** Has a state read; one that was asked for last is not asked for again. */
  ask(asked: Asked): void {
    if (this.last && sameAsked(this.last, asked)) return;
    this.last = asked;
    this.told.problem(null);
    this.waiting = asked;
    if (this.isSlow) this.running?.cancel();
    if (!this.running) this.next();
  }

  /** Gives up what is being read, and what waits. */
  cancel(): void {
    this.waiting = null;
    this.running?.cancel();
  }

  /** Nothing is told any more. */
  close(): void {
    this.isClosed = true;
    this.waiting = null;
    if (this.isSlow) this.running?.cancel();
  }

  private next(): void {
    const asked = this.waiting;
    if (!asked) return;
    this.waiting = null;
    const running = this.run('readPieceFile', { ...asked, have: this.held?.id ?? null }, () => {
      this.isSlow = true;
      if (this.isClosed || this.waiting) running.cancel();
      else this.told.slow(true);
    });
    this.running = running;
    running.done.then(
      (answer) => this.over(asked, answer),
      (error: unknown) => {
        const why = error instanceof Error ? error.message : String(error);
        this.over(asked, { ok: false, message: `The piece could not be read (${why}).` });
      },
    );
  }

  private over({ score }: Asked, answer: ReadPiece | null): void {
    this.running = null;
    if (this.isSlow && !this.isClosed) this.told.slow(false);
    this.isSlow = false;
    if (answer?.ok) {
      const piece = 'piece' in answer ? answer.piece : changedPiece(this.held!.piece, answer.change);
      this.held = { id: answer.id, piece };
    }
    if (this.isClosed) return;
    if (answer?.ok) this.told.read(this.held!.piece, score);
    else if (!this.waiting)
      this.told.problem(answer ? answer.message : 'The reading was stopped. Any ruling begins it again.');
    this.next();
  }
}

function sameAsked(a: Asked, b: Asked): boolean {
  return (
    a.score === b.score &&
    a.rulings === b.rulings &&
    a.modulation === b.modulation &&
    a.chordsFrom === b.chordsFrom
  );
}
