import { LIMITS } from '@diatonix/core';
import type { SheetBody } from '../sheet/type';

/** A pupil of a pile, and the version that was on the desk. */
export interface PilePupil {
  readonly id: string;
  readonly name: string;
  /** 0 for A. */
  readonly version: number;
}

/** What an answer earned when it was marked, kept so that a logbook of years is not marked anew. */
export interface EntryResult {
  readonly verdict: 'right' | 'wrong' | 'unreadable';
  readonly got: number;
  readonly of: number;
  /** The mistakes of the likeliest cause. */
  readonly causes?: readonly string[];
  /** The degree whose chord was asked for: `minor 7`. */
  readonly degree?: string;
}

/** What was entered, in the order in which it was: the last of a pupil and a question counts, none is taken away. */
export interface PileEntry {
  /** Told apart by it where two tabs write; what was written before there were ids has none. */
  readonly id?: string;
  /** Who wrote it: a pupil in the class, a pupil's file, or the teacher where nothing is said. */
  readonly by?: 'class' | 'file';
  readonly pupil: string;
  /** Section and place as they stand on the sheet, from 0: `1.3`. */
  readonly question: string;
  /** What was answered, as it was typed; + for right and - for wrong without more. */
  readonly answer: string;
  /** When it was entered, in milliseconds since 1970. */
  readonly at: number;
  /** Marks that the teacher gives in the place of the computed ones. */
  readonly marks?: number;
  readonly remark?: string;
  readonly result?: EntryResult;
}

/** The answers of a class to a sheet, as the sheet was when it was set. */
export interface PileBody {
  readonly title: string;
  /** The class that did it; its history is known by it. */
  readonly classId?: string;
  readonly date: string;
  readonly sheet: SheetBody;
  /** How much of its mark an answer earns that is right for what was written before: 0 to 1. */
  readonly follow: number;
  readonly pupils: readonly PilePupil[];
  readonly entries: readonly PileEntry[];
}

export const MOST_PUPILS = LIMITS.pupils;
export const MOST_ENTRIES = 100_000;
export const LONGEST_ANSWER = 300;
