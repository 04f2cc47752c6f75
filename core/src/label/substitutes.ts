import { describe } from '../chord/describe';
import type { Chord } from '../chord/chord';

/** What a substitute for the dominant of the key costs as a reading. */
export const SUBSTITUTE_COST = 1.1;

/** A chord that may stand in for the dominant a tritone away: its third and seventh, and whatever else. */
export function isSubstituteStack({ members }: Chord): boolean {
  const { added } = describe(members);
  const has = (degree: number, alteration: number) =>
    members.some((one) => one.degree === degree && one.alteration === alteration);
  return has(3, 0) && has(7, -1) && added.every(({ degree }) => degree !== 6);
}
