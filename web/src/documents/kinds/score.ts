import type { RulingRow, ScoreRows } from '@diatonix/core';

/** A piece on the Scores bench: its notes, what the teacher ruled, and which rows are shown. */
export interface ScorePiece {
  readonly title: string;
  /** Quarter notes a minute. */
  readonly tempo: number;
  readonly score: ScoreRows;
  readonly rulings: readonly RulingRow[];
  /** Rows that are not shown. */
  readonly hidden: readonly string[];
  /** Whether four parts stand on two staves. */
  readonly closed: boolean;
}

export const FIRST_SCORE: Omit<ScorePiece, 'title' | 'score'> = {
  tempo: 80,
  rulings: [],
  hidden: ['figures', 'function'],
  closed: true,
};
