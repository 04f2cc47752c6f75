import { COSTS } from '../../context/costs';
import { closing } from '../../context/steps';
import { sameKey } from '../../key/key';
import type { ChordStates } from './chordStates';
import { exact } from './exact';
import type { SearchIn } from './searchIn';
import type { Spans } from './spans';

/** States of one span that are followed up. */
export const SPAN_STATES = 14;
const SPAN_FAR = 4;

/** The likeliest states of a span with what they cost by themselves, in arrays that are used again. */
export class SpanStates {
  readonly states = new Int32Array(SPAN_STATES + 2);
  readonly costs = new Float64Array(SPAN_STATES + 2);

  constructor(
    private readonly input: SearchIn,
    private readonly chords: ChordStates,
    private readonly spans: Spans,
  ) {}

  /** Fills in the states of the span that was found last; returns how many. */
  fill(from: number, isLast: boolean): number {
    const { home, weights, rulings } = this.input;
    const { spans, chords } = this;
    const settled = rulings.numerals.get(from);
    if (settled) {
      this.states[0] = chords.settled(settled.numeral, settled.chord, settled.key);
      this.costs[0] = 0;
      return 1;
    }
    const only = rulings.keyAt(from);
    let count = 0;
    let least = Infinity;
    const plain = from > 0 && !isLast;
    for (let c = 0; c < spans.found; c++) {
      const [template, root, lowest] = [spans.template(c), spans.root(c), spans.lowest(c)];
      const isBare = spans.isBare(c);
      const list = isBare ? chords.ofBare(template, root, lowest) : chords.of(template, root, lowest);
      const costs = isBare ? chords.bareCosts : chords.costs;
      const chordCost = spans.cost(c);
      for (let n = 0; n < list.length; n++) {
        const state = list[n]!;
        if (only !== null && !sameKey(chords.states[state]!.key, only)) continue;
        let cost = chordCost + costs[state]!;
        if (!plain) {
          const one = chords.states[state]!;
          if (from === 0) cost += exact(weights.context * COSTS.openingFifth * Math.abs(one.fifths - home));
          if (isLast) cost += exact(weights.context * closing(one));
        }
        if (cost > least + SPAN_FAR) {
          if (plain) break;
          continue;
        }
        if (cost < least) least = cost;
        this.insert(Math.min(count++, SPAN_STATES), state, cost);
      }
    }
    count = Math.min(count, SPAN_STATES);
    while (count > 0 && this.costs[count - 1]! > least + SPAN_FAR) count--;
    return count;
  }

  /** Keeps the arrays sorted by cost. */
  private insert(count: number, state: number, cost: number): void {
    let at = count;
    while (at > 0 && this.costs[at - 1]! > cost) {
      this.costs[at] = this.costs[at - 1]!;
      this.states[at] = this.states[at - 1]!;
      at--;
    }
    this.costs[at] = cost;
    this.states[at] = state;
  }
}
