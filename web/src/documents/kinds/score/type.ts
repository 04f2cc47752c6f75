import type { Modulation, RulingRow, ScoreRows } from '@diatonix/core';

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
  /** How readily the reading goes over to another key; usual where it is not said. */
  readonly modulation?: Modulation;
  /** Set where a piece with symbols is read by its notes all the same. */
  readonly chordsFrom?: 'notes';
  /** Faults of the voices that the teacher lets stand, as `3/2 parallel-fifths soprano bass`. */
  readonly waived?: readonly string[];
  /** Bars that begin a system, counted from 0. */
  readonly breaks?: readonly number[];
  /** Set where staves that are empty in a system are not drawn. */
  readonly hideEmpty?: true;
  /** Set where dynamics and fingers are shown. */
  readonly dynamics?: true;
}

export const FIRST_SCORE: Omit<ScorePiece, 'title' | 'score'> = {
  tempo: 80,
  rulings: [],
  hidden: ['figures', 'function'],
  closed: true,
};
