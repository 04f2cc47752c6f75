import { COSTS } from '../../context/costs';
import type { State } from '../../context/states';
import { arrival, keyChange, leastWithin, withinKey } from '../../context/steps';
import { perObject } from '../../memo';
import { exact } from './exact';
import type { ReadingWeights } from './weights';

/** Keys lie no further apart, in fifths. */
const FURTHEST = 64;

/** What steps between states cost in a score, in exact units: the same onward and back. */
export class StepCosts {
  /** Leaving an applied chord for another key, elsewhere than to its target, and to it. */
  readonly astray: number;
  readonly resolves: number;
  private readonly changes: readonly Float64Array[];

  constructor(private readonly weights: ReadingWeights) {
    const { context, change } = weights;
    this.astray = exact(context * COSTS.astray);
    this.resolves = exact(context * COSTS.resolves);
    this.changes = [false, true].map((afterPhrase) => {
      const costs = new Float64Array(2 * FURTHEST);
      for (let at = 0; at < costs.length; at++)
        costs[at] = exact(context * keyChange(at - FURTHEST, afterPhrase) + change);
      return costs;
    });
  }

  /** A step within one key; `isOther` where it goes to another state. */
  within(
    from: State,
    to: State,
    isOther: boolean,
    afterPhrase: boolean,
    isEnd: boolean,
    isLast: boolean,
  ): number {
    const { context, sameRoot, softSeventh } = this.weights;
    let cost = withinKey(from, to, afterPhrase);
    if (isEnd) cost += arrival(from, to, isEnd, isLast);
    cost *= context;
    if (isOther && !afterPhrase && from.root === to.root)
      cost += (to.softSeventh && !from.softSeventh ? softSeventh : 0) - sameRoot;
    return exact(cost);
  }

  /** No step within a key from a state to one that ends nothing costs less. */
  leastWithin(from: State): number {
    return exact(this.weights.context * leastWithin(from) - this.weights.sameRoot);
  }

  /** Going to a key so many fifths away. */
  change(fifths: number, afterPhrase: boolean): number {
    return this.changes[afterPhrase ? 1 : 0]![fifths + FURTHEST]!;
  }

  /** What a phrase, or the whole, ends with where a state is come to from one of another key, whichever it is. */
  entry(from: State, to: State, isLast: boolean): number {
    return exact(this.weights.context * arrival(from, to, true, isLast));
  }
}

/** The costs of steps by weights. */
export const stepCostsOf = perObject((weights: ReadingWeights) => new StepCosts(weights));
