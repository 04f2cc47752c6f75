import type { Drill, KeyModes, KeyOrder, MaterialText, ScaleForm } from '@diatonix/core';

/** How it went: not at all, with trouble, well, with ease. */
export const GRADES = ['again', 'hard', 'good', 'easy'] as const;
export type Grade = (typeof GRADES)[number];

/** Something that was practised, ticked off: only ever added to. */
export interface Tick {
  readonly item: string;
  /** The day: 2026-11-26. */
  readonly on: string;
  readonly grade: Grade;
}

/** A named piece of theory to be practised: a kind of exercise with its material. */
export interface TheoryItem {
  readonly kind: string;
  readonly material: MaterialText;
}

/** A plan of practice round the keys, for a pupil or a class. Everything in it follows from this and the ticks. */
export interface PlanBody {
  readonly title: string;
  readonly classId?: string;
  /** The pupil by name, as in the piles; none for the whole class. */
  readonly pupil?: string;
  readonly drills: readonly Drill[];
  readonly order: KeyOrder;
  readonly modes: KeyModes;
  /** The most sharps or flats. */
  readonly most: number;
  readonly form: ScaleForm;
  readonly theory: readonly TheoryItem[];
  /** Minutes a day. */
  readonly minutes: number;
  /** A pause after so many minutes; 0 for none. */
  readonly pause: number;
  /** The first day. */
  readonly start: string;
  readonly ticks: readonly Tick[];
}

export const MOST_TICKS = 50_000;
export const MOST_THEORY = 30;
export const MOST_MINUTES = 120;

export const FIRST_PLAN: Omit<PlanBody, 'start'> = {
  title: 'Practice',
  drills: ['scale', 'triads', 'primary', 'arpeggio'],
  order: 'circle',
  modes: 'major',
  most: 4,
  form: 'harmonic',
  theory: [],
  minutes: 20,
  pause: 10,
  ticks: [],
};
