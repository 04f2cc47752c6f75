export interface Tail {
  readonly at: number;
  readonly index: number;
  /** Cost of everything after this chord. */
  readonly after: number;
  readonly total: number;
  readonly rest: Tail | null;
}

/**
 * A binary heap, the cheapest first; of equal ones the one that is nearest the beginning, so that a best
 * setting is soon whole.
 */
export class Heap {
  private readonly items: Tail[] = [];

  push(item: Tail): void {
    const { items } = this;
    let at = items.push(item) - 1;
    while (at > 0) {
      const parent = (at - 1) >> 1;
      if (!before(item, items[parent]!)) break;
      items[at] = items[parent]!;
      at = parent;
    }
    items[at] = item;
  }

  pop(): Tail | undefined {
    const { items } = this;
    const top = items[0];
    const item = items.pop();
    if (items.length === 0 || !item) return top;
    let at = 0;
    for (;;) {
      let child = 2 * at + 1;
      if (child >= items.length) break;
      if (child + 1 < items.length && before(items[child + 1]!, items[child]!)) child++;
      if (!before(items[child]!, item)) break;
      items[at] = items[child]!;
      at = child;
    }
    items[at] = item;
    return top;
  }
}

/** Sums of the same costs in another order differ in the last bits. */
const EQUAL = 1e-9;

export function before(a: Tail, b: Tail): boolean {
  return Math.abs(a.total - b.total) > EQUAL ? a.total < b.total : a.at < b.at;
}
