import type { ChordColumn } from './cells';

/** Pixels that a letter of a row takes, and the air between two labels. */
const LETTER: Record<string, number> = {
  numeral: 11,
  theirs: 11,
  symbol: 8.4,
  chart: 9,
  function: 6.6,
  cadence: 6.8,
};
const AIR = 12;

/** How wide a label of a row is, by its letters, in pixels. */
export function labelWidth({ cells }: ChordColumn, row: string): number {
  return (cells[row]?.letters ?? cells[row]?.text.length ?? 0) * (LETTER[row] ?? 0);
}

/** How much room the labels of a chord take. */
export function labelRoom(column: ChordColumn, shown: readonly string[]): number {
  return Math.max(...shown.map((row) => (LETTER[row] ? labelWidth(column, row) + AIR : 0)));
}
