import type { State } from '../context/states';
import type { ChordStates } from './chordStates';
import type { Arrivals } from './frontier';
import { StepCosts } from './stepCosts';
import type { ReadingWeights } from './weights';

/** Numbers of keys lie between this and its negative. */
const KEYS = 128;

/** The cheapest way to leave a key at a boundary. */
interface Leaving {
  readonly keyAt: number;
  readonly fifths: number;
  place: number;
  cost: number;
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
  /** The places of the states of each key, by the number of the key. */
  private readonly byKey: number[][] = Array.from({ length: 2 * KEYS }, () => []);
  private leaving: Leaving[] = [];
  private applied: number[] = [];
  /** By place what any step within its key costs at least, with all before it. */
  private floors: number[] = [];
  /** What was found at this boundary, by state: plain, and at the end of a phrase. */
  private round = 0;
  private readonly rounds: number[][] = [[], []];
  private readonly costs: number[][] = [[], []];
  private readonly befores: number[][] = [[], []];

  private readonly steps: StepCosts;

  constructor(
    weights: ReadingWeights,
    private readonly chords: ChordStates,
  ) {
    this.steps = new StepCosts(weights);
  }

  begin(arrivals: Arrivals, afterPhrase: boolean): void {
    this.arrivals = arrivals;
    this.afterPhrase = afterPhrase;
    this.round++;
    for (const { keyAt } of this.leaving) this.byKey[keyAt + KEYS]!.length = 0;
    this.leaving = [];
    this.applied = [];
    for (let place = 0; place < arrivals.states.length; place++) {
      const state = this.chords.states[arrivals.states[place]!]!;
      const { keyAt, fifths, target } = state;
      this.floors[place] = arrivals.costs[place]! + this.steps.leastWithin(state);
      const own = this.byKey[keyAt + KEYS]!;
      own.push(place);
      const cost = arrivals.costs[place]! + (target > 0 ? this.steps.astray : 0);
      if (own.length === 1) this.leaving.push({ keyAt, cost, fifths, place });
      else {
        const known = this.leaving.find((one) => one.keyAt === keyAt)!;
        if (cost < known.cost) [known.cost, known.place] = [cost, place];
      }
      if (target > 0) this.applied.push(place);
    }
  }

  /** What the cheapest step into a state costs, with all before it. */
  into(number: number, isEnd: boolean, isLast: boolean): number {
    const kind = isEnd || isLast ? 1 : 0;
    if (this.rounds[kind]![number] === this.round) {
      this.before = this.befores[kind]![number]!;
      return this.costs[kind]![number]!;
    }
    const cost = this.find(this.chords.states[number]!, number, isEnd, isLast);
    this.rounds[kind]![number] = this.round;
    this.befores[kind]![number] = this.before;
    this.costs[kind]![number] = cost;
    return cost;
  }

  private find(state: State, number: number, isEnd: boolean, isLast: boolean): number {
    const { chords, steps, afterPhrase } = this;
    const { states, costs } = this.arrivals;
    const ends = isEnd || isLast;
    let least = Infinity;
    for (const place of this.byKey[state.keyAt + KEYS]!) {
      if (!ends && this.floors[place]! >= least) continue;
      const from = states[place]!;
      const step = steps.within(chords.states[from]!, state, from !== number, afterPhrase, isEnd, isLast);
      if (costs[place]! + step >= least) continue;
      least = costs[place]! + step;
      this.before = place;
    }
    for (const { keyAt, cost, fifths, place } of this.leaving) {
      if (keyAt === state.keyAt) continue;
      const from = chords.states[states[place]!]!;
      const entered = steps.entry(from, state, isEnd, isLast);
      const all = cost + steps.change(fifths - state.fifths, afterPhrase) + entered;
      if (all >= least) continue;
      least = all;
      this.before = place;
    }
    for (const place of this.applied) {
      const from = chords.states[states[place]!]!;
      if (from.keyAt === state.keyAt || from.targetRoot !== state.root) continue;
      const changed = steps.change(from.fifths - state.fifths, afterPhrase) + steps.resolves;
      const all = costs[place]! + changed + steps.entry(from, state, isEnd, isLast);
      if (all >= least) continue;
      least = all;
      this.before = place;
    }
    return least;
  }
}
