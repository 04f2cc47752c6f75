import { printLength, TICKS_A_QUARTER } from '../time/length';
import { barTicks, beatTicks } from '../time/metre';
import type { ScoreBar } from './scoreNote';

/** Ticks from the beginning of the whole bar; a first bar that is too short is the end of one. */
export function withinBar(time: number, { from, to, metre }: ScoreBar): number {
  const whole = barTicks(metre);
  const missing = from === 0 && to - from < whole ? whole - (to - from) : 0;
  return time - from + missing;
}

/** The beat of a time in its bar, from 1 and exact: `1`, `5/2`. */
export function beatIn(time: number, bar: ScoreBar): string {
  return printLength(TICKS_A_QUARTER + (withinBar(time, bar) * TICKS_A_QUARTER) / beatTicks(bar.metre));
}

/** The bar in which a time lies. */
export function barAt<Bar extends ScoreBar>(bars: readonly Bar[], time: number): Bar | undefined {
  let [low, high] = [0, bars.length - 1];
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if (bars[middle]!.from <= time) low = middle;
    else high = middle - 1;
  }
  return bars[low];
}
