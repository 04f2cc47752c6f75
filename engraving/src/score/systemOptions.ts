import { fifthsMoved, type Score } from '@diatonix/core';
import type { StaveNote } from 'vexflow/bravura';
import type { BarSystem } from './barWidths';
import type { DrawnStaff, StaffPlan } from './plan';
import type { NotationPiece } from './pieces';

/** What a system is drawn from. */
export interface SystemOptions {
  readonly score: Score;
  readonly plan: StaffPlan;
  readonly bars: BarSystem;
  /** How wide each bar wants to be. */
  readonly widths: readonly number[];
  readonly width: number;
  /** Whether the last system is not drawn out to the whole width. */
  readonly loose: boolean;
  /** Notes outside their chords, as places in the score: bracketed and lighter. */
  readonly bracketed: ReadonlySet<number>;
  /** Whether dynamics and fingers are shown. */
  readonly dynamics?: boolean;
  /** Places of notes by bar, from placesByBar. */
  readonly inBars: readonly (readonly number[])[];
}

/** A note of the package with what it stands for. */
export interface Made {
  readonly note: StaveNote;
  readonly piece: NotationPiece;
  readonly staff: DrawnStaff;
}

export function fifthsAt({ signatures }: Score, time: number): number {
  let fifths = signatures[0]?.fifths ?? 0;
  for (const one of signatures) if (one.at <= time) fifths = one.fifths;
  return fifths;
}

/** The signature that a transposing part has on its staff. */
export function writtenFifths(fifths: number, { transposition }: DrawnStaff): number {
  return transposition ? fifthsMoved(fifths, -transposition.halfSteps) : fifths;
}
