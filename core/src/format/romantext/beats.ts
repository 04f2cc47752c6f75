import { beatTicks, type Metre } from '../../time/metre';
import { printLength, TICKS_A_QUARTER } from '../../time/length';

/** Beats are written with up to this many decimals. */
const DECIMALS = 3;
/**
 * Times read from decimals are rounded to this part of a quarter: a 24th, which every triplet and sixteenth
 * has.
 */
const GRAIN = TICKS_A_QUARTER / 24;

/** A time within its bar as a beat from 1: `1`, `2.5`, `1.667`. */
export function beatText(within: number, metre: Metre): string {
  const beat = 1 + within / beatTicks(metre);
  return String(Number(beat.toFixed(DECIMALS)));
}

/** A beat as written, in ticks from the bar's beginning. */
export function ticksOfBeat(text: string, metre: Metre): number {
  return Math.round(((Number(text) - 1) * beatTicks(metre)) / GRAIN) * GRAIN;
}

/** Ticks as a length that a column can have. */
export function lengthText(ticks: number): string {
  return printLength(Math.max(GRAIN, ticks));
}
