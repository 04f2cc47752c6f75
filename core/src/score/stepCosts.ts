import { COSTS } from '../context/costs';
import type { State } from '../context/states';
import { arrival, keyChange, leastWithin, withinKey } from '../context/steps';
import { exact } from './exact';
import type { ReadingWeights } from './weights';

/** What steps between states cost in a score, in exact units: the same onward and back. */
export class StepCosts {
  /** Leaving an applied chord for another key, elsewhere than to its target, and to it. */
  readonly astray: number;
  readonly resolves: number;

  constructor(private readonly weights: ReadingWeights) {
    this.astray = exact(weights.context * COSTS.astray);
    this.resolves = exact(weights.context * COSTS.resolves);
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
    const { context, sameRoot } = this.weights;
    let cost = withinKey(from, to, afterPhrase);
    if (isEnd || isLast) cost += arrival(from, to, isEnd, isLast);
    return exact(context * cost - (isOther && !afterPhrase && from.root === to.root ? sameRoot : 0));
  }

  /** No step within a key from a state to one that ends nothing costs less. */
  leastWithin(from: State): number {
    return exact(this.weights.context * leastWithin(from) - this.weights.sameRoot);
  }

  /** Going to a key so many fifths away. */
  change(fifths: number, afterPhrase: boolean): number {
    return exact(this.weights.context * keyChange(fifths, afterPhrase) + this.weights.change);
  }

  /** What a phrase, or the whole, ends with where a state is come to from one of another key, whichever it is. */
  entry(from: State, to: State, isEnd: boolean, isLast: boolean): number {
    return isEnd || isLast ? exact(this.weights.context * arrival(from, to, isEnd, isLast)) : 0;
  }
}
