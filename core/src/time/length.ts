import { TheoryError } from '../errors';

/** Ticks in a quarter note: divisible by every usual division, so that times stay whole. */
export const TICKS_A_QUARTER = 10_080;

/** What a chord lasts where nothing is said: a half note. */
export const USUAL_TICKS = 2 * TICKS_A_QUARTER;

/** The longest that a column can last. */
export const LONGEST_TICKS = 256 * TICKS_A_QUARTER;

/**
 * A length in quarters, as `2`, `3/2` or `1/3`, in ticks. Throws TheoryError
 * `request` for anything else, for nothing, for more than 256 quarters, and for what is no whole number of
 * ticks.
 */
export function parseLength(text: string): number {
  const match = /^(\d{1,7})(?:\/([1-9]\d{0,4}))?$/.exec(text);
  const ticks = match ? (Number(match[1]) * TICKS_A_QUARTER) / Number(match[2] ?? 1) : 0;
  if (!Number.isInteger(ticks) || ticks <= 0 || ticks > LONGEST_TICKS)
    throw new TheoryError(
      'request',
      text,
      'this is not a length in quarters.',
      'Write a number such as 1, 2 or 3/2.',
    );
  return ticks;
}

/**
 * A time in quarters from the beginning, as `0`, `7` or `7/2`, in ticks; the nearest tick where it lies between
 * two. Throws TheoryError `request` for anything else.
 */
export function parseTime(text: string): number {
  const match = /^(\d{1,7})(?:\/([1-9]\d{0,4}))?$/.exec(text);
  if (!match)
    throw new TheoryError(
      'request',
      text,
      'this is not a time in quarters.',
      'Write a number such as 0, 7 or 7/2.',
    );
  return Math.round((Number(match[1]) * TICKS_A_QUARTER) / Number(match[2] ?? 1));
}

/** Ticks as a length in quarters that parseLength reads. */
export function printLength(ticks: number): string {
  const divisor = gcd(ticks, TICKS_A_QUARTER);
  const [over, under] = [ticks / divisor, TICKS_A_QUARTER / divisor];
  return under === 1 ? String(over) : `${over}/${under}`;
}

function gcd(a: number, b: number): number {
  return b === 0 ? a : gcd(b, a % b);
}

/** A note value: its kind as a power of two of a whole note, its dots, and whether three stand for two. */
export interface NoteValue {
  /** 1 whole, 2 half, 4 quarter, 8 eighth, 16 sixteenth. */
  readonly part: 1 | 2 | 4 | 8 | 16;
  readonly dots: 0 | 1;
  readonly triplet?: true;
}

const VALUES = ([1, 2, 4, 8, 16] as const).flatMap((part) =>
  ([1, 0] as const).map((dots): NoteValue => ({ part, dots })),
);

function ticksOf({ part, dots }: NoteValue): number {
  return ((4 * TICKS_A_QUARTER) / part) * (dots === 1 ? 1.5 : 1);
}

/** The single note value of exactly that length, or null. */
export function exactValue(ticks: number): NoteValue | null {
  const plain = VALUES.find((value) => ticksOf(value) === ticks);
  if (plain) return plain;
  const triplet = VALUES.find((value) => value.dots === 0 && ticksOf(value) * 2 === ticks * 3);
  return triplet ? { ...triplet, triplet: true } : null;
}

/** The note value of exactly that length, or the longest that fits in it. */
export function noteValue(ticks: number): NoteValue {
  return exactValue(ticks) ?? VALUES.find((value) => ticksOf(value) <= ticks) ?? { part: 16, dots: 0 };
}

/**
 * A length as a row of note values, longest first; what no value has (a part of a tuplet) goes with the last.
 */
export function noteValues(ticks: number): readonly { readonly value: NoteValue; readonly ticks: number }[] {
  const found: { value: NoteValue; ticks: number }[] = [];
  let left = ticks;
  while (left > 0) {
    const exact = exactValue(left);
    const value = exact ?? noteValue(left);
    const own = exact ? left : ticksOf(value);
    if (own > left) {
      const last = found.pop();
      return [...found, last ? { value: last.value, ticks: last.ticks + left } : { value, ticks: left }];
    }
    found.push({ value, ticks: own });
    left -= own;
  }
  return found;
}
