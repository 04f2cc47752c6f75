import type { MaterialText } from '@diatonix/core';

/** A section of a sheet on the Sheets bench. */
export interface SheetSectionBody {
  readonly id: string;
  readonly kind: string;
  readonly count: number;
  /** Marks for each question. */
  readonly marks: number;
  /** What stands over it; empty for the usual words. */
  readonly instruction: string;
  /** Tells its questions from those of another section of its kind. */
  readonly seed: number;
  readonly material: MaterialText;
  /** Questions exchanged for others, by their places, in order. */
  readonly exchanged: readonly number[];
}

/** A sheet of exercises: everything on it follows from its seed and its sections. */
export interface SheetBody {
  readonly title: string;
  readonly seed: number;
  /** How many versions are printed. */
  readonly versions: number;
  readonly sections: readonly SheetSectionBody[];
}

export const MOST_VERSIONS_PRINTED = 6;
