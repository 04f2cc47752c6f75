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
