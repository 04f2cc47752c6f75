import { TheoryError } from '../errors';
import { TICKS_A_QUARTER } from './length';

/** Beats in a bar over the note value of one, as printed. */
export interface Metre {
  readonly over: number;
  readonly under: number;
}

/** Metres that are offered. */
export const METRES = ['2/4', '3/4', '4/4', '5/4', '6/4', '2/2', '3/2', '3/8', '6/8', '9/8', '12/8'] as const;

/** Two quarters: with nothing said of lengths, every chord is a bar. */
export const USUAL_METRE = '2/4';

/** Reads a metre such as `3/4`. Throws TheoryError `request`. */
export function parseMetre(text: string): Metre {
  const match = /^(\d{1,2})\/(1|2|4|8|16)$/.exec(text);
  const over = Number(match?.[1] ?? 0);
  if (!match || over === 0)
    throw new TheoryError('request', text, 'this is not a metre.', 'Write it as 3/4 or 6/8.');
  return { over, under: Number(match[2]) };
}

export function printMetre({ over, under }: Metre): string {
  return `${over}/${under}`;
}

export function barTicks({ over, under }: Metre): number {
  return (over * 4 * TICKS_A_QUARTER) / under;
}

/**
 * A beat in ticks: three eighths in compound metres (6/8, 9/8, 12/8: common practice), else the lower number.
 */
export function beatTicks({ over, under }: Metre): number {
  const one = (4 * TICKS_A_QUARTER) / under;
  return under >= 8 && over % 3 === 0 && over > 3 ? 3 * one : one;
}
