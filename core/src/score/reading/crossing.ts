import type { Arrivals } from './frontier';
import type { Alternative } from './segment';
import type { SpanTransitions } from './spanTransitions';

/** A boundary between slices as the search left it. */
export interface Crossing {
  readonly arrivals: Arrivals;
  readonly ways: SpanTransitions;
  /** For each arrival what remains to be paid to the end. */
  rest: Float64Array;
  /** The spans that begin here and lie on ways not much dearer than the best. */
  alternatives: readonly Alternative[];
}

/**
 * Compares costs at boundaries of two searches that have the same before or after them: where as many boundaries
 * in a row as a span can cross differ by one and the same amount, or one that no span crosses, all beyond do.
 */
export class Agreement {
  private run = 0;
  /** By how much the new costs are higher. */
  by = 0;

  /** Goes on with a boundary; true where everything beyond it agrees. `longest` is the longest span in slices. */
  holds(old: ArrayLike<number>, now: ArrayLike<number>, isWall: boolean, longest: number): boolean {
    if (old.length !== now.length) return this.broken();
    if (now.length === 0) {
      // A boundary that nothing reaches says nothing.
      if (this.run > 0) this.run++;
      return this.run >= longest;
    }
    const by = difference(old, now);
    if (Number.isNaN(by)) return this.broken();
    if (this.run === 0 || by !== this.by) {
      this.run = 0;
      this.by = by;
    }
    this.run++;
    return isWall || this.run >= longest;
  }

  broken(): boolean {
    this.run = 0;
    return false;
  }
}

/** By how much all of the new costs are higher; NaN where they differ by different amounts. */
function difference(old: ArrayLike<number>, now: ArrayLike<number>): number {
  let by = NaN;
  for (let n = 0; n < now.length; n++) {
    if (old[n] === Infinity && now[n] === Infinity) continue;
    const own = now[n]! - old[n]!;
    if (Number.isNaN(by)) by = own;
    else if (own !== by) return NaN;
  }
  return by;
}
