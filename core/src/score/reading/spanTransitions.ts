/** The spans that begin at a boundary, as they are tried. */
export class SpanTransitions {
  count = 0;
  /** Of each its slices, its state, and the place of what came before, −1 for nothing. */
  private readonly numbers: Int32Array;
  /** Of each what it costs by itself, and with the best way to it. */
  private readonly costs: Float64Array;

  constructor(room: number) {
    this.numbers = new Int32Array(3 * room);
    this.costs = new Float64Array(2 * room);
  }

  add(length: number, state: number, before: number, own: number, forward: number): void {
    const at = this.count++;
    this.numbers[3 * at] = length;
    this.numbers[3 * at + 1] = state;
    this.numbers[3 * at + 2] = before;
    this.costs[2 * at] = own;
    this.costs[2 * at + 1] = forward;
  }

  length(at: number): number {
    return this.numbers[3 * at]!;
  }

  state(at: number): number {
    return this.numbers[3 * at + 1]!;
  }

  before(at: number): number {
    return this.numbers[3 * at + 2]!;
  }

  own(at: number): number {
    return this.costs[2 * at]!;
  }

  forward(at: number): number {
    return this.costs[2 * at + 1]!;
  }

  /** All that leads to them costs more. */
  dearer(by: number): void {
    for (let at = 0; at < this.count; at++) this.costs[2 * at + 1]! += by;
  }

  /** These ways in no more room than they take. */
  kept(): SpanTransitions {
    const kept = new SpanTransitions(this.count);
    kept.count = this.count;
    kept.numbers.set(this.numbers.subarray(0, 3 * this.count));
    kept.costs.set(this.costs.subarray(0, 2 * this.count));
    return kept;
  }
}
