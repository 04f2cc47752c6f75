/** Costs are counted in units of that size, so that sums of them are exact whatever they begin with. */
const UNIT = 1 / 4096;

/** A cost in whole units: two ways that cost the same stay equal wherever in a piece they are compared. */
export function exact(cost: number): number {
  return Math.round(cost / UNIT) * UNIT;
}
