import type { MaterialText, Pinned, WorkingWays } from '@diatonix/core';

/** A section of a sheet on the Sheets bench. */
export interface SheetSectionBody {
  readonly id: string;
  readonly kind: string;
  readonly count: number;
  /** Marks for each question. */
  readonly marks: number;
  /** Marks for each part of an answer by its name, in the place of those. */
  readonly parts?: Readonly<Record<string, number>>;
  /** What stands over it; empty for the usual words. */
  readonly instruction: string;
  /** Tells its questions from those of another section of its kind. */
  readonly seed: number;
  readonly material: MaterialText;
  /** Questions exchanged for others, by their places, in order. */
  readonly exchanged: readonly number[];
  /** Questions that stand whatever the dice say. */
  readonly pinned?: readonly Pinned[];
  /** The places of the questions in the order in which they stand. */
  readonly order?: readonly number[];
}

export const STAFF_SIZES = ['small', 'usual', 'large'] as const;
export type StaffSize = (typeof STAFF_SIZES)[number];
/** Room for working beside a question: none, a staff, or letters to stack. */
export const SCRAPS = ['none', 'staff', 'letters'] as const;
export type Scrap = (typeof SCRAPS)[number];

/** A sheet of exercises: everything on it follows from its seed and its sections. */
export interface SheetBody {
  readonly title: string;
  readonly seed: number;
  /** How many versions are printed. */
  readonly versions: number;
  readonly sections: readonly SheetSectionBody[];
  /** The class it is for: what that has not been taught is left out. */
  readonly classId?: string;
  /** The day it is for: 2026-11-26. */
  readonly date?: string;
  readonly size?: StaffSize;
  readonly scrap?: Scrap;
  /** In which way the answers are worked out. */
  readonly ways?: WorkingWays;
}

export const MOST_VERSIONS_PRINTED = 6;
