import type { State } from '../../context/states';
import { ByKey } from './byKey';
import type { ChordStates } from './chordStates';
import type { Arrivals } from './frontier';
import { enlargedArray } from './enlargedArray';
import { stepCostsOf, type StepCosts } from './stepCosts';
import type { ReadingWeights } from './weights';

/** The cheapest way from a boundary into a key out of any other. */
interface Change {
  readonly cost: number;
  readonly place: number;
}

/**
 * The cheapest steps from the states that arrived at a boundary into any other. Steps between keys cost the same
 * for all states of a key but those that lead to a target, so that only the cheapest of each key is asked.
 */
export class StepsOnward {
  /** Where the last step that was found comes from. */
  before = -1;
  private arrivals!: Arrivals;
  private afterPhrase = false;
  private readonly steps: StepCosts;
  /** The places of the arrivals of each key, and among them the cheapest to leave and what that costs. */
  private readonly byKey = new ByKey();
  private readonly leaving = new Map<number, Change>();
  private readonly changes = new Map<number, Change>();
  /** The places of applied chords. */
  private readonly applied: number[] = [];
  /** By place what any step within its key costs at least, with all before it. */
  private readonly floors: number[] = [];
  /** What was found at this boundary, by twice the number of the state, and one more for the end of a phrase. */
  private round = 0;
  private rounds: Int32Array;
  private costs: Float64Array;
  private befores: Int32Array;

  constructor(
    weights: ReadingWeights,
    private readonly chords: ChordStates,
  ) {
    this.steps = stepCostsOf(weights);
    const room = 2 * chords.room();
    this.rounds = new Int32Array(room);
    this.costs = new Float64Array(room);
    this.befores = new Int32Array(room);
  }

  begin(arrivals: Arrivals, afterPhrase: boolean): void {
    const { byKey, leaving, applied, steps } = this;
    this.arrivals = arrivals;
    this.afterPhrase = afterPhrase;
    this.round++;
    byKey.clear();
    leaving.clear();
    this.changes.clear();
    applied.length = 0;
    for (let place = 0; place < arrivals.states.length; place++) {
      const state = this.chords.states[arrivals.states[place]!]!;
      const { keyAt, target } = state;
      this.floors[place] = arrivals.costs[place]! + steps.leastWithin(state);
      byKey.add(keyAt, place);
      const cost = arrivals.costs[place]! + (target > 0 ? steps.astray : 0);
      const known = leaving.get(keyAt);
      if (!known || cost < known.cost) leaving.set(keyAt, { cost, place });
      if (target > 0) applied.push(place);
    }
  }

  /** What the cheapest step into a state costs, with all before it; `isEnd` where a phrase ends with it. */
  into(number: number, isEnd: boolean, isLast: boolean): number {
    const at = 2 * number + (isEnd ? 1 : 0);
    if (at >= this.rounds.length) this.grow(at);
    if (this.rounds[at] === this.round) {
      this.before = this.befores[at]!;
      return this.costs[at]!;
    }
    const cost = this.find(this.chords.states[number]!, number, isEnd, isLast);
    this.rounds[at] = this.round;
    this.befores[at] = this.before;
    this.costs[at] = cost;
    return cost;
  }

  private find(state: State, number: number, isEnd: boolean, isLast: boolean): number {
    const { chords, steps, afterPhrase } = this;
    const { states, costs } = this.arrivals;
    let least = Infinity;
    const own = this.byKey.of(state.keyAt);
    for (let n = 0; n < own.length; n++) {
      const place = own[n]!;
      if (!isEnd && this.floors[place]! >= least) continue;
      const from = states[place]!;
      const step = steps.within(chords.states[from]!, state, from !== number, afterPhrase, isEnd, isLast);
      if (costs[place]! + step >= least) continue;
      least = costs[place]! + step;
      this.before = place;
    }
    const change = this.changeTo(state);
    if (change.place >= 0) {
      const from = chords.states[states[change.place]!]!;
      const cost = change.cost + (isEnd ? steps.entry(from, state, isLast) : 0);
      if (cost < least) {
        least = cost;
        this.before = change.place;
      }
    }
    for (const place of this.applied) {
      const from = chords.states[states[place]!]!;
      if (from.keyAt === state.keyAt || from.targetRoot !== state.root) continue;
      const changed = steps.change(from.fifths - state.fifths, afterPhrase) + steps.resolves;
      const cost = costs[place]! + changed + (isEnd ? steps.entry(from, state, isLast) : 0);
      if (cost >= least) continue;
      least = cost;
      this.before = place;
    }
    return least;
  }

  private changeTo({ keyAt, fifths }: State): Change {
    const known = this.changes.get(keyAt);
    if (known) return known;
    let best: Change = { cost: Infinity, place: -1 };
    for (const from of this.byKey.keys) {
      if (from === keyAt) continue;
      const { cost: left, place } = this.leaving.get(from)!;
      const far = this.chords.states[this.arrivals.states[place]!]!.fifths - fifths;
      const cost = left + this.steps.change(far, this.afterPhrase);
      if (cost < best.cost) best = { cost, place };
    }
    this.changes.set(keyAt, best);
    return best;
  }

  private grow(at: number): void {
    const room = Math.max(2 * this.chords.room(), at + 1);
    this.rounds = enlargedArray(this.rounds, new Int32Array(room));
    this.costs = enlargedArray(this.costs, new Float64Array(room));
    this.befores = enlargedArray(this.befores, new Int32Array(room));
  }
}
