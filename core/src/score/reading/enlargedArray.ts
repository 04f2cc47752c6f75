/** Puts what an array holds into a longer one. */
export function enlargedArray<T extends Int32Array | Float64Array>(old: T, longer: T): T {
  longer.set(old);
  return longer;
}
