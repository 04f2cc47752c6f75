import { COSTS } from '../context/costs';
import type { State } from '../context/states';
import { arrival, keyChange, withinKey } from '../context/steps';
import type { ChordStates } from './chordStates';
import type { Arrivals } from './frontier';
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

  constructor(
    private readonly weights: ReadingWeights,
    private readonly chords: ChordStates,
  ) {}

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
    const { context, change } = this.weights;
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
        const way = keyChange(from.fifths - fifths, this.afterPhrase) + (from.target > 0 ? COSTS.astray : 0);
        least = Math.min(least, cost + context * way + change);
      }
      if (from.target > 0) least = Math.min(least, this.resolved(number, foreign));
      return least;
    });
  }

  private entered({ state, cost, isEnd, isLast }: Onward, foreign: State): number {
    if (!isEnd && !isLast) return cost;
    return cost + this.weights.context * arrival(foreign, this.chords.states[state]!, isEnd, isLast);
  }

  private within(number: number): number {
    const { context, sameRoot } = this.weights;
    const from = this.chords.states[number]!;
    let least = Infinity;
    for (const { state, cost, isEnd, isLast } of this.byKey.get(from.keyAt) ?? []) {
      const to = this.chords.states[state]!;
      let way = withinKey(from, to, this.afterPhrase);
      if (isEnd || isLast) way += arrival(from, to, isEnd, isLast);
      let all = cost + context * way;
      if (from.root === to.root && number !== state && !this.afterPhrase) all -= sameRoot;
      if (all < least) least = all;
    }
    return least;
  }

  /** Where an applied chord goes to its target in another key. */
  private resolved(number: number, foreign: State): number {
    const { context, change } = this.weights;
    const from = this.chords.states[number]!;
    let least = Infinity;
    for (const [keyAt, list] of this.byKey) {
      if (keyAt === from.keyAt) continue;
      for (const one of list) {
        const to = this.chords.states[one.state]!;
        if (to.root !== from.targetRoot) continue;
        const way = keyChange(from.fifths - to.fifths, this.afterPhrase) + COSTS.resolves;
        least = Math.min(least, this.entered(one, foreign) + context * way + change);
      }
    }
    return least;
  }
}
