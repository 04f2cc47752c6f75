/** The spans that begin at a boundary, as they are tried. */
export class Ways {
  count = 0;
  /** How many slices they hold, their states, and the place of what came before, −1 for nothing. */
  readonly lengths: Int32Array;
  readonly states: Int32Array;
  readonly before: Int32Array;
  /** What they cost by themselves, and with the best way to them. */
  readonly own: Float64Array;
  readonly forward: Float64Array;

  constructor(room: number) {
    this.lengths = new Int32Array(room);
    this.states = new Int32Array(room);
    this.before = new Int32Array(room);
    this.own = new Float64Array(room);
    this.forward = new Float64Array(room);
  }

  add(length: number, state: number, before: number, own: number, forward: number): void {
    const at = this.count++;
    this.lengths[at] = length;
    this.states[at] = state;
    this.before[at] = before;
    this.own[at] = own;
    this.forward[at] = forward;
  }

  /** These ways in no more room than they take. */
  kept(): Ways {
    const kept = new Ways(this.count);
    kept.count = this.count;
    kept.lengths.set(this.lengths.subarray(0, this.count));
    kept.states.set(this.states.subarray(0, this.count));
    kept.before.set(this.before.subarray(0, this.count));
    kept.own.set(this.own.subarray(0, this.count));
    kept.forward.set(this.forward.subarray(0, this.count));
    return kept;
  }
}
