import { printLength, TICKS_A_QUARTER } from '../../time/length';
import { barTicks, beatTicks, type Metre } from '../../time/metre';
import type { ScoreBar } from './scoreNote';

/**
 * Ticks from the beginning of the whole bar; a first bar that is too short is the end of one, and so is the second
 * part of one that is cut in two.
 */
export function withinBar(time: number, { from, to, metre, gone = 0 }: ScoreBar): number {
  const whole = barTicks(metre);
  const missing = from === 0 && to - from < whole ? whole - (to - from) : gone;
  return time - from + missing;
}

/**
 * Numbers bars as they are counted: an upbeat is 0, and two that fill one bar between them, as at a repeat within
 * it, are one and have one number (common practice). `isCut` says whether anything shows that the bar at a place
 * goes on the one before it.
 */
export function numbered<Bar extends Omit<ScoreBar, 'number'>>(
  bars: readonly Bar[],
  isCut: (at: number) => boolean,
): (Bar & ScoreBar)[] {
  const lengthOf = ({ from, to }: Bar) => to - from;
  const isShort = (bar: Bar) => lengthOf(bar) < barTicks(bar.metre);
  let number = bars.length > 1 && isShort(bars[0]!) ? -1 : 0;
  let before: Bar | null = null;
  const counted = bars.map((bar, at): Bar & ScoreBar => {
    const whole = barTicks(bar.metre);
    const isSecond =
      at > 1 &&
      before !== null &&
      isShort(bar) &&
      sameMetre(before.metre, bar.metre) &&
      lengthOf(before) + lengthOf(bar) === whole &&
      isCut(at);
    if (!isSecond) number++;
    // Of three parts the third begins a bar of its own.
    before = isSecond ? null : bar;
    return { ...bar, number };
  });
  return withGone(counted);
}

function sameMetre(a: Metre, b: Metre): boolean {
  return a.over === b.over && a.under === b.under;
}

/** Bars that were numbered, with how much of each stands before it: the second of a number goes on the first. */
export function withGone<Bar extends ScoreBar>(bars: readonly Bar[]): Bar[] {
  return bars.map((bar, at) => {
    const before = bars[at - 1];
    return before?.number === bar.number ? { ...bar, gone: before.to - before.from } : bar;
  });
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
