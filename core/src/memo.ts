/**
 * Remembers a function's value for each object it was asked about, as long as
 * that object lives. For immutable values only.
 */
export function perObject<K extends object, V>(compute: (key: K) => V): (key: K) => V {
  const known = new WeakMap<K, V>();
  return (key) => {
    let value = known.get(key);
    if (value === undefined) {
      value = compute(key);
      known.set(key, value);
    }
    return value;
  };
}

const LIMIT = 4000;

/** Remembers values by text, starting afresh when too many have come together. */
export class TextMemo<V> {
  private readonly known = new Map<string, V>();

  /** The value of a text; failures are not remembered. */
  of(text: string, compute: () => V): V {
    let value = this.known.get(text);
    if (value === undefined) {
      value = compute();
      if (this.known.size >= LIMIT) this.known.clear();
      this.known.set(text, value);
    }
    return value;
  }
}
