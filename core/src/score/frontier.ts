import type { ChordStates } from './chordStates';
import type { Segment } from './segment';

/** Paths that cost so much more than the best up to a boundary are given up, and so many go on. */
const GIVEN_UP = 6.5;
const MOST_STATES = 28;

/** What arrived at a boundary and goes on: states, costs, and where they came from. */
export interface Arrivals {
  readonly states: Int32Array;
  readonly costs: Float64Array;
  readonly from: Int32Array;
  readonly before: Int32Array;
}

/** Room for states that are not known yet. */
const SPARE = 512;

const NOTHING: Arrivals = {
  states: new Int32Array(0),
  costs: new Float64Array(0),
  from: new Int32Array(0),
  before: new Int32Array(0),
};

/** A boundary that is still being reached. */
interface Open {
  costs: Float64Array;
  from: Int32Array;
  before: Int32Array;
  touched: number[];
}

/** The boundaries of the search: open ones in a ring as wide as a span, closed ones with what goes on from them. */
export class Frontier {
  private readonly ring: Open[];
  private readonly closed: Arrivals[] = [];
  private capacity = 1024;

  constructor(
    private readonly chords: ChordStates,
    longest: number,
  ) {
    while (this.capacity < chords.states.length + SPARE) this.capacity *= 2;
    this.ring = Array.from({ length: longest + 1 }, () => ({
      costs: new Float64Array(this.capacity).fill(Infinity),
      from: new Int32Array(this.capacity),
      before: new Int32Array(this.capacity),
      touched: [],
    }));
  }

  offer(boundary: number, state: number, cost: number, from: number, before: number): void {
    while (state >= this.capacity) this.grow();
    const open = this.ring[boundary % this.ring.length]!;
    if (cost >= open.costs[state]!) return;
    if (open.costs[state] === Infinity) open.touched.push(state);
    open.costs[state] = cost;
    open.from[state] = from;
    open.before[state] = before;
  }

  /** Ends a boundary: the best go on. Returns how many. */
  close(boundary: number): number {
    const open = this.ring[boundary % this.ring.length]!;
    const { costs, touched } = open;
    let limit = Infinity;
    for (const state of touched) limit = Math.min(limit, costs[state]! + GIVEN_UP);
    const going = touched.filter((state) => costs[state]! <= limit);
    going.sort((a, b) => costs[a]! - costs[b]!);
    const count = Math.min(going.length, MOST_STATES);
    const on: Arrivals = {
      states: Int32Array.from(going.slice(0, count)),
      costs: new Float64Array(count),
      from: new Int32Array(count),
      before: new Int32Array(count),
    };
    for (let n = 0; n < count; n++) {
      const state = going[n]!;
      on.costs[n] = costs[state]!;
      on.from[n] = open.from[state]!;
      on.before[n] = open.before[state]!;
    }
    for (const state of touched) costs[state] = Infinity;
    open.touched = [];
    this.closed[boundary] = on;
    return count;
  }

  at(boundary: number): Arrivals {
    return this.closed[boundary] ?? NOTHING;
  }

  /** The cheapest way to a closed boundary, from the beginning. */
  best(boundary: number): Segment[] {
    const segments: Segment[] = [];
    let place = 0;
    for (let to = boundary; to > 0;) {
      const on = this.closed[to]!;
      const from = on.from[place]!;
      segments.push({ from, to, state: this.chords.states[on.states[place]!]! });
      place = on.before[place]!;
      to = from;
    }
    return segments.reverse();
  }

  private grow(): void {
    this.capacity *= 2;
    for (const open of this.ring) {
      const costs = new Float64Array(this.capacity).fill(Infinity);
      costs.set(open.costs);
      const from = new Int32Array(this.capacity);
      from.set(open.from);
      const before = new Int32Array(this.capacity);
      before.set(open.before);
      Object.assign(open, { costs, from, before });
    }
  }
}
