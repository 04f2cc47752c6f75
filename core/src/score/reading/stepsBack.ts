import type { State } from '../../context/states';
import { ByKey } from './byKey';
import type { ChordStates } from './chordStates';
import type { Arrivals } from './frontier';
import { stepCostsOf, type StepCosts } from './stepCosts';
import type { ReadingWeights } from './weights';

/** What remains to be paid from the states at a boundary on: as StepsOnward, in the other direction. */
export class StepsBack {
  private afterPhrase = false;
  private isLast = false;
  private readonly steps: StepCosts;
  /**
   * What can follow the boundary, as twice the number of a state and one more where a phrase ends with it, by key;
   * and what it costs with all after it, Infinity for what does not follow.
   */
  private readonly onward = new ByKey();
  private readonly costOf: Float64Array;

  constructor(
    weights: ReadingWeights,
    private readonly chords: ChordStates,
  ) {
    this.steps = stepCostsOf(weights);
    this.costOf = new Float64Array(2 * chords.states.length).fill(Infinity);
  }

  begin(afterPhrase: boolean): void {
    const { onward, costOf } = this;
    this.afterPhrase = afterPhrase;
    this.isLast = false;
    for (const keyAt of onward.keys) for (const place of onward.of(keyAt)) costOf[place] = Infinity;
    onward.clear();
  }

  /** A state that can follow; those that end a phrase all end the same one. */
  add(state: number, cost: number, isEnd: boolean, isLast: boolean): void {
    const { costOf } = this;
    const place = 2 * state + (isEnd ? 1 : 0);
    if (isLast) this.isLast = true;
    if (costOf[place] === Infinity) this.onward.add(this.chords.states[state]!.keyAt, place);
    if (cost < costOf[place]!) costOf[place] = cost;
  }

  /** For each state at the boundary the cheapest way on to the end. */
  costs({ states }: Arrivals): Float64Array {
    const { steps, afterPhrase, chords, onward } = this;
    // Coming from another key, what a phrase ends with does not depend on the state that is left.
    const foreign: State = { ...chords.states[0]!, keyAt: -1 };
    const entries = onward.keys.map((keyAt) => {
      let cost = Infinity;
      for (const place of onward.of(keyAt)) cost = Math.min(cost, this.entered(place, foreign));
      return { keyAt, fifths: chords.states[onward.of(keyAt)[0]! >> 1]!.fifths, cost };
    });
    const costs = new Float64Array(states.length);
    for (let n = 0; n < costs.length; n++) {
      const number = states[n]!;
      const from = chords.states[number]!;
      let least = this.within(number, from);
      const left = from.target > 0 ? steps.astray : 0;
      for (const { keyAt, fifths, cost } of entries) {
        if (keyAt === from.keyAt) continue;
        const way = cost + left + steps.change(from.fifths - fifths, afterPhrase);
        if (way < least) least = way;
      }
      costs[n] = from.target > 0 ? Math.min(least, this.resolved(from, foreign)) : least;
    }
    return costs;
  }

  private entered(place: number, foreign: State): number {
    const cost = this.costOf[place]!;
    if ((place & 1) === 0) return cost;
    return cost + this.steps.entry(foreign, this.chords.states[place >> 1]!, this.isLast);
  }

  private within(number: number, from: State): number {
    const { steps, afterPhrase, isLast } = this;
    const floor = steps.leastWithin(from);
    let least = Infinity;
    for (const place of this.onward.of(from.keyAt)) {
      const isEnd = (place & 1) === 1;
      const cost = this.costOf[place]!;
      if (!isEnd && cost + floor >= least) continue;
      const to = this.chords.states[place >> 1]!;
      const all = cost + steps.within(from, to, number !== place >> 1, afterPhrase, isEnd, isLast && isEnd);
      if (all < least) least = all;
    }
    return least;
  }

  /** Where an applied chord goes to its target in another key. */
  private resolved(from: State, foreign: State): number {
    const { steps, afterPhrase, onward } = this;
    let least = Infinity;
    for (const keyAt of onward.keys) {
      if (keyAt === from.keyAt) continue;
      for (const place of onward.of(keyAt)) {
        const to = this.chords.states[place >> 1]!;
        if (to.root !== from.targetRoot) continue;
        const way = steps.change(from.fifths - to.fifths, afterPhrase) + steps.resolves;
        least = Math.min(least, this.entered(place, foreign) + way);
      }
    }
    return least;
  }
}
