import type { Clef, Note } from '@diatonix/core';

/** A note value: whole, half, quarter, eighth, sixteenth, with a dot or without. */
export type Value = `${'w' | 'h' | 'q' | '8' | '16'}${'' | 'd'}`;

/** What stands on each staff of a column, lowest note first. */
export interface ColumnNotes {
  readonly clef: Clef;
  readonly notes: readonly Note[];
  /** Notes or chords after the first, on the same staff; an empty one is a rest. */
  readonly then?: readonly (readonly Note[])[];
  /** The note value on this staff, where it is another than the column's. */
  readonly value?: Value;
  /** The values of the notes one after the other, where they are not alike. */
  readonly values?: readonly Value[];
  /** A rest where there are no notes. */
  readonly rest?: boolean;
  /** A lower voice on the same staff, stems down; the notes above have theirs up. */
  readonly below?: readonly Note[];
  /** Notes in correction ink, counted from the lowest: of `notes`, then of `below`. */
  readonly faulty?: readonly (readonly number[])[];
  /**
   * Which notes carry an accidental, then which of each chord after them, or of the lower voice; where not
   * given, as alone in a bar.
   */
  readonly signs?: readonly (readonly boolean[])[];
}
