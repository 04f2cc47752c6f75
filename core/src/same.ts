/**
 * Whether two values say the same: plain objects, lists and maps by all that they hold, errors by their message. For
 * immutable data without circles; what is one object is not looked into. Costs the size of what differs.
 */
export function sameValue(one: unknown, other: unknown): boolean {
  if (Object.is(one, other)) return true;
  if (typeof one !== 'object' || typeof other !== 'object' || one === null || other === null) return false;
  if (one instanceof Error || other instanceof Error)
    return one instanceof Error && other instanceof Error && one.message === other.message;
  if (one instanceof Map || other instanceof Map)
    return one instanceof Map && other instanceof Map && sameValue([...one], [...other]);
  if (Array.isArray(one)) {
    if (!Array.isArray(other) || one.length !== other.length) return false;
    for (let at = 0; at < one.length; at++) if (!sameValue(one[at], other[at])) return false;
    return true;
  }
  if (Array.isArray(other)) return false;
  const [mine, theirs] = [one as Record<string, unknown>, other as Record<string, unknown>];
  for (const name in mine) if (!(name in theirs) || !sameValue(mine[name], theirs[name])) return false;
  for (const name in theirs) if (!(name in mine)) return false;
  return true;
}

/**
 * Makes things from inputs and gives the very same thing back while the inputs under its name say the same.
 * What is made gets nothing but its inputs, so that none can be forgotten. What was not asked for in the last
 * round is let go.
 */
export class Kept<Inputs, Made> {
  private before = new Map<string, { readonly inputs: Inputs; readonly made: Made }>();
  private now = new Map<string, { readonly inputs: Inputs; readonly made: Made }>();

  constructor(private readonly make: (inputs: Inputs) => Made) {}

  /** What the inputs make, under a name that is unique in this round. */
  of(name: string, inputs: Inputs): Made {
    const old = this.before.get(name);
    const entry = old && sameValue(old.inputs, inputs) ? old : { inputs, made: this.make(inputs) };
    this.now.set(name, entry);
    return entry.made;
  }

  /** Ends a round: what was asked for in it is what the next one compares with. */
  round(): void {
    this.before = this.now;
    this.now = new Map();
  }
}
