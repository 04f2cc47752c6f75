import { exactValue, printLength } from '../time/length';
import type { LabelStyle } from '../school/school';
import { vocabulary } from './vocabulary';

/** A length by its note value in the words of the school, or in quarters where there is none. */
export function lengthWords(ticks: number, school: LabelStyle): string {
  const value = exactValue(ticks);
  if (!value || value.triplet) return `${printLength(ticks)} ${vocabulary(school).values[2]}s`;
  const name = vocabulary(school).values[Math.log2(value.part)]!;
  return value.dots === 1 ? `dotted ${name}` : name;
}
