import type { State } from '../context/states';
import type { ChordStates } from './chordStates';
import type { Arrivals } from './frontier';
import { StepCosts } from './stepCosts';
import type { ReadingWeights } from './weights';

/** A state that can follow a boundary, with what it and all after it cost. */
interface Onward {
  readonly state: number;
  cost: number;
  readonly isEnd: boolean;
  readonly isLast: boolean;
  /** The boundary at which it was found. */
  readonly round: number;
}

/** What remains to be paid from the states at a boundary on: as StepsOnward, in the other direction. */
export class StepsBack {
  private afterPhrase = false;
  private readonly byKey = new Map<number, Onward[]>();
  private readonly found: (Onward | undefined)[] = [];
  private round = 0;

  private readonly steps: StepCosts;

  constructor(
    weights: ReadingWeights,
    private readonly chords: ChordStates,
  ) {
    this.steps = new StepCosts(weights);
  }

  begin(afterPhrase: boolean): void {
    this.afterPhrase = afterPhrase;
    this.byKey.clear();
    this.round++;
  }

  add(state: number, cost: number, isEnd: boolean, isLast: boolean): void {
    const place = 2 * state + (isEnd ? 1 : 0);
    const known = this.found[place];
    if (known && known.round === this.round) {
      if (cost < known.cost) known.cost = cost;
      return;
    }
    const one: Onward = { state, cost, isEnd, isLast, round: this.round };
    this.found[place] = one;
    const { keyAt } = this.chords.states[state]!;
    const own = this.byKey.get(keyAt);
    if (own) own.push(one);
    else this.byKey.set(keyAt, [one]);
  }

  /** For each state at the boundary the cheapest way on to the end. */
  costs({ states }: Arrivals): Float64Array {
    const { steps, afterPhrase } = this;
    // Coming from another key, what a phrase ends with does not depend on the state that is left.
    const foreign: State = { ...this.chords.states[0]!, keyAt: -1 };
    const entries: { keyAt: number; fifths: number; cost: number }[] = [];
    for (const [keyAt, list] of this.byKey) {
      let cost = Infinity;
      for (const one of list) cost = Math.min(cost, this.entered(one, foreign));
      entries.push({ keyAt, fifths: this.chords.states[list[0]!.state]!.fifths, cost });
    }
    return Float64Array.from(states, (number) => {
      const from = this.chords.states[number]!;
      let least = this.within(number);
      for (const { keyAt, fifths, cost } of entries) {
        if (keyAt === from.keyAt) continue;
        const way = steps.change(from.fifths - fifths, afterPhrase) + (from.target > 0 ? steps.astray : 0);
        least = Math.min(least, cost + way);
      }
      return from.target > 0 ? Math.min(least, this.resolved(number, foreign)) : least;
    });
  }

  private entered({ state, cost, isEnd, isLast }: Onward, foreign: State): number {
    return cost + this.steps.entry(foreign, this.chords.states[state]!, isEnd, isLast);
  }

  private within(number: number): number {
    const from = this.chords.states[number]!;
    const floor = this.steps.leastWithin(from);
    let least = Infinity;
    for (const { state, cost, isEnd, isLast } of this.byKey.get(from.keyAt) ?? []) {
      if (!isEnd && cost + floor >= least) continue;
      const to = this.chords.states[state]!;
      const all = cost + this.steps.within(from, to, number !== state, this.afterPhrase, isEnd, isLast);
      if (all < least) least = all;
    }
    return least;
  }

  /** Where an applied chord goes to its target in another key. */
  private resolved(number: number, foreign: State): number {
    const { steps, afterPhrase } = this;
    const from = this.chords.states[number]!;
    let least = Infinity;
    for (const [keyAt, list] of this.byKey) {
      if (keyAt === from.keyAt) continue;
      for (const one of list) {
        const to = this.chords.states[one.state]!;
        if (to.root !== from.targetRoot) continue;
        const way = steps.change(from.fifths - to.fifths, afterPhrase) + steps.resolves;
        least = Math.min(least, this.entered(one, foreign) + way);
      }
    }
    return least;
  }
}
