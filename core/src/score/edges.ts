/** Spans with their states as they are tried: boundaries, state, own cost, and cost with the best way into it. */
export class Edges {
  count = 0;
  from = new Int32Array(START);
  to = new Int32Array(START);
  state = new Int32Array(START);
  own = new Float64Array(START);
  forward = new Float64Array(START);

  add(from: number, to: number, state: number, own: number, forward: number): void {
    if (this.count === this.from.length) this.grow();
    const at = this.count++;
    this.from[at] = from;
    this.to[at] = to;
    this.state[at] = state;
    this.own[at] = own;
    this.forward[at] = forward;
  }

  private grow(): void {
    const length = this.count * 2;
    const ints = (old: Int32Array<ArrayBuffer>) => {
      const longer = new Int32Array(length);
      longer.set(old);
      return longer;
    };
    const floats = (old: Float64Array<ArrayBuffer>) => {
      const longer = new Float64Array(length);
      longer.set(old);
      return longer;
    };
    this.from = ints(this.from);
    this.to = ints(this.to);
    this.state = ints(this.state);
    this.own = floats(this.own);
    this.forward = floats(this.forward);
  }
}

const START = 1 << 14;
