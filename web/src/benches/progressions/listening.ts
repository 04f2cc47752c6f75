import {
  beatTicks,
  barTicks,
  parseMetre,
  melodySpans,
  playedChord,
  playedOrder,
  TICKS_A_QUARTER,
  type FourNotes,
  type Note,
  type Pattern,
} from '@diatonix/core';
import type { Sounding } from '../../sound/player';
import type { ShownColumn } from './derive';
import type { Progression } from '../../documents/kinds/progression/type';

/** What of the line is heard. */
export const HEARD_LINES = ['all', 'soprano', 'alto', 'tenor', 'bass', 'melody'] as const;
export type Heard = (typeof HEARD_LINES)[number];

const VOICE_AT: Partial<Record<Heard, number>> = { soprano: 0, alto: 1, tenor: 2, bass: 3 };

/**
 * The line as it is set: the four voices of each column where they are known, else two hands in a pattern.
 */
export interface Version {
  readonly derived: readonly ShownColumn[];
  readonly voices: readonly (FourNotes | null)[];
  readonly pattern: Pattern;
  readonly tempo: number;
}

/** How long a length in ticks lasts at a tempo. */
export function secondsOf(ticks: number, tempo: number): number {
  return (60 / tempo) * (ticks / TICKS_A_QUARTER);
}

/** A version as it sounds from one column to another (both included), repeats played twice. */
export function soundingOf(
  { derived, voices, pattern, tempo }: Version,
  heard: Heard,
  from = 0,
  to = derived.length - 1,
): Sounding[] {
  const part = derived.slice(from, to + 1);
  return playedOrder(part.map(({ column }) => column)).map((index): Sounding => {
    const one = part[index]!;
    const seconds = secondsOf(one.place.ticks, tempo);
    return {
      column: from + index,
      seconds,
      notes: notesOf(one, voices[from + index] ?? null, pattern, heard, seconds),
    };
  });
}

function notesOf(
  one: ShownColumn,
  voices: FourNotes | null,
  pattern: Pattern,
  heard: Heard,
  seconds: number,
): Sounding['notes'] {
  const voice = VOICE_AT[heard];
  if (voice !== undefined) return voices ? inSteps([[voices[voice]!]], seconds) : [];
  const melody =
    heard === 'melody'
      ? melodySpans(one.column.melody ?? [], one.place.ticks).map(({ note, from, to }) => ({
          note,
          from: (seconds * from) / one.place.ticks,
          to: (seconds * to) / one.place.ticks,
        }))
      : [];
  if (voices) return [...inSteps([voices], seconds), ...melody];
  if (!one.setting) return melody;
  const { lower, upper } = playedChord(one.setting, pattern);
  return [...inSteps(lower, seconds), ...inSteps(upper, seconds), ...melody];
}

/** Notes in equal steps; in a row of single steps each lasts until the next. */
function inSteps(steps: readonly (readonly Note[])[], seconds: number): Sounding['notes'] {
  const step = seconds / Math.max(1, steps.length);
  return steps.flatMap((notes, at) => notes.map((note) => ({ note, from: at * step, to: (at + 1) * step })));
}

/** One bar of beats before the beginning. */
export function countInOf({ metre, tempo }: Pick<Progression, 'metre' | 'tempo'>): {
  beats: number;
  seconds: number;
} {
  const parsed = parseMetre(metre);
  const beat = beatTicks(parsed);
  return { beats: Math.round(barTicks(parsed) / beat), seconds: secondsOf(beat, tempo) };
}
