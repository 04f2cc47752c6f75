import type { ChordStates } from './chordStates';
import { enlargedArray } from './enlargedArray';

/** Paths that cost so much more than the best up to a boundary are given up, and so many go on. */
const GIVEN_UP = 6.5;
const MOST_STATES = 28;

/** What arrived at a boundary and goes on: states, costs, how many slices back they began, and what came before. */
export interface Arrivals {
  readonly states: Int32Array;
  readonly costs: Float64Array;
  readonly lengths: Int32Array;
  /** Places among the arrivals at the boundary where they began; −1 at the beginning of all. */
  readonly before: Int32Array;
}

export const NO_ARRIVALS: Arrivals = {
  states: new Int32Array(0),
  costs: new Float64Array(0),
  lengths: new Int32Array(0),
  before: new Int32Array(0),
};

/** A boundary that is still being reached. */
class Open {
  costs: Float64Array;
  lengths: Int32Array;
  before: Int32Array;
  touched: number[] = [];

  constructor(capacity: number) {
    this.costs = new Float64Array(capacity).fill(Infinity);
    this.lengths = new Int32Array(capacity);
    this.before = new Int32Array(capacity);
  }

  grow(capacity: number): void {
    this.costs = enlargedArray(this.costs, new Float64Array(capacity).fill(Infinity));
    this.lengths = enlargedArray(this.lengths, new Int32Array(capacity));
    this.before = enlargedArray(this.before, new Int32Array(capacity));
  }
}

/** The boundaries that are being reached, until they are closed. */
export class Frontier {
  private readonly open = new Map<number, Open>();
  private readonly free: Open[] = [];
  private capacity: number;
  /** The states that go on, sorted by cost; used again. */
  private readonly going = new Int32Array(MOST_STATES + 1);

  constructor(chords: ChordStates) {
    this.capacity = chords.room();
  }

  /** A way to a boundary by a span of some slices that ends there. */
  offer(boundary: number, state: number, cost: number, length: number, before: number): void {
    while (state >= this.capacity) this.grow();
    let open = this.open.get(boundary);
    if (!open) this.open.set(boundary, (open = this.free.pop() ?? new Open(this.capacity)));
    if (cost >= open.costs[state]!) return;
    if (open.costs[state] === Infinity) open.touched.push(state);
    open.costs[state] = cost;
    open.lengths[state] = length;
    open.before[state] = before;
  }

  /** Ends a boundary: the best go on. */
  close(boundary: number): Arrivals {
    const open = this.open.get(boundary);
    if (!open) return NO_ARRIVALS;
    const { costs, lengths, before, touched } = open;
    const { going } = this;
    let limit = Infinity;
    for (const state of touched) if (costs[state]! + GIVEN_UP < limit) limit = costs[state]! + GIVEN_UP;
    let count = 0;
    for (const state of touched) {
      const cost = costs[state]!;
      if (cost > limit) continue;
      let at = Math.min(count++, MOST_STATES);
      for (; at > 0 && costs[going[at - 1]!]! > cost; at--) going[at] = going[at - 1]!;
      going[at] = state;
    }
    count = Math.min(count, MOST_STATES);
    const on: Arrivals = {
      states: new Int32Array(count),
      costs: new Float64Array(count),
      lengths: new Int32Array(count),
      before: new Int32Array(count),
    };
    for (let n = 0; n < count; n++) {
      const state = going[n]!;
      on.states[n] = state;
      on.costs[n] = costs[state]!;
      on.lengths[n] = lengths[state]!;
      on.before[n] = before[state]!;
    }
    for (const state of touched) costs[state] = Infinity;
    open.touched = [];
    this.open.delete(boundary);
    this.free.push(open);
    return on;
  }

  private grow(): void {
    this.capacity *= 2;
    for (const open of [...this.open.values(), ...this.free]) open.grow(this.capacity);
  }
}
