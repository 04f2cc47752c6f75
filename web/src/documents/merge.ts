type Fields = Readonly<Record<string, unknown>>;

/**
 * Two edits of one document, merged by its fields: what only one of them changed is kept from it, and where
 * both changed a field the later one stands. `both` says that it happened.
 */
export function mergeBodies(
  base: unknown,
  theirs: unknown,
  mine: unknown,
): { readonly body: unknown; readonly both: boolean } {
  const [was, other, own] = [base ?? {}, theirs, mine] as [Fields, Fields, Fields];
  const body: Record<string, unknown> = {};
  let both = false;
  for (const name of new Set([...Object.keys(other), ...Object.keys(own)])) {
    const changedThere = !same(other[name], was[name]);
    const changedHere = !same(own[name], was[name]);
    if (changedThere && changedHere && !same(other[name], own[name])) both = true;
    const value = changedHere || !changedThere ? own[name] : other[name];
    if (value !== undefined) body[name] = value;
  }
  return { body, both };
}

/** Whether two values are written alike; what was read back from storage is never the same object. */
function same(one: unknown, other: unknown): boolean {
  return one === other || JSON.stringify(one) === JSON.stringify(other);
}
