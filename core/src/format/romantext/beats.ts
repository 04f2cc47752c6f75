import { beatTicks, type Metre } from '../../time/metre';
import { printLength } from '../../time/length';

/** Beats are written with up to this many decimals. */
const DECIMALS = 3;

/** Parts of a beat that a written decimal may stand for, the plainest first. */
const PARTS = [1, 2, 3, 4, 6, 8, 5, 12, 16, 7, 9, 10, 24, 32];

/** A beat from 1, exact as `5/3`, in decimals: `1`, `2.5`, `1.667`. */
export function beatText(exact: string): string {
  const [over, under = '1'] = exact.split('/');
  return String(Number((Number(over) / Number(under)).toFixed(DECIMALS)));
}

/**
 * A beat as written, in ticks from the bar's beginning: `1.33` is a third, `1.2` a fifth. The decimals say how
 * near the plain part has to lie.
 */
export function ticksOfBeat(text: string, metre: Metre): number {
  const [whole = '1', decimals = ''] = text.split('.');
  const beat = beatTicks(metre);
  const part = Number(`0.${decimals || 0}`);
  // What is written may be rounded or cut off; one digit is exact unless it stands for a third.
  const exact = decimals.length === 1 && !/[37]/.test(decimals);
  const near = decimals === '' || exact ? 1e-9 : 1.01 * 10 ** -decimals.length;
  const under = PARTS.find((of) => Math.abs(Math.round(part * of) / of - part) <= near) ?? 0;
  const within = under === 0 ? part * beat : (Math.round(part * under) * beat) / under;
  return (Number(whole) - 1) * beat + Math.round(within);
}

/** Ticks as a length that a column can have. */
export function lengthText(ticks: number): string {
  return printLength(Math.max(1, ticks));
}
