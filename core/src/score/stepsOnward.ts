import { COSTS } from '../context/costs';
import type { State } from '../context/states';
import { arrival, keyChange, withinKey } from '../context/steps';
import type { ChordStates } from './chordStates';
import type { Arrivals } from './frontier';
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
  /** What was found at this boundary, by state: plain, and at the end of a phrase. */
  private round = 0;
  private readonly rounds: number[][] = [[], []];
  private readonly costs: number[][] = [[], []];
  private readonly befores: number[][] = [[], []];

  constructor(
    private readonly weights: ReadingWeights,
    private readonly chords: ChordStates,
  ) {}

  begin(arrivals: Arrivals, afterPhrase: boolean): void {
    this.arrivals = arrivals;
    this.afterPhrase = afterPhrase;
    this.round++;
    for (const { keyAt } of this.leaving) this.byKey[keyAt + KEYS]!.length = 0;
    this.leaving = [];
    this.applied = [];
    const { context } = this.weights;
    for (let place = 0; place < arrivals.states.length; place++) {
      const { keyAt, fifths, target } = this.chords.states[arrivals.states[place]!]!;
      const own = this.byKey[keyAt + KEYS]!;
      own.push(place);
      const cost = arrivals.costs[place]! + context * (target > 0 ? COSTS.astray : 0);
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
    const { context, sameRoot, change } = this.weights;
    const { states, costs } = this.arrivals;
    const ends = isEnd || isLast;
    let least = Infinity;
    for (const place of this.byKey[state.keyAt + KEYS]!) {
      const from = this.chords.states[states[place]!]!;
      let cost = withinKey(from, state, this.afterPhrase);
      if (ends) cost += arrival(from, state, isEnd, isLast);
      cost = costs[place]! + context * cost;
      if (from.root === state.root && states[place] !== number && !this.afterPhrase) cost -= sameRoot;
      if (cost < least) {
        least = cost;
        this.before = place;
      }
    }
    for (const { keyAt, cost: left, fifths, place } of this.leaving) {
      if (keyAt === state.keyAt) continue;
      let cost = keyChange(fifths - state.fifths, this.afterPhrase);
      if (ends) cost += arrival(this.chords.states[states[place]!]!, state, isEnd, isLast);
      cost = left + context * cost + change;
      if (cost < least) {
        least = cost;
        this.before = place;
      }
    }
    for (const place of this.applied) {
      const from = this.chords.states[states[place]!]!;
      if (from.keyAt === state.keyAt || from.targetRoot !== state.root) continue;
      let cost = keyChange(from.fifths - state.fifths, this.afterPhrase) + COSTS.resolves;
      if (ends) cost += arrival(from, state, isEnd, isLast);
      cost = costs[place]! + context * cost + change;
      if (cost < least) {
        least = cost;
        this.before = place;
      }
    }
    return least;
  }
}
