/** Whether two lists hold the same things, one by one. */
export function sameList<T>(a: readonly T[], b: readonly T[]): boolean {
  return a.length === b.length && a.every((one, at) => one === b[at]);
}

/** Lists by their place of which each stays the object that it was while it holds the same things. */
export class SteadyLists<T> {
  private last: readonly (readonly T[])[] = [];

  of(lists: readonly (readonly T[])[]): readonly (readonly T[])[] {
    this.last = lists.map((now, at) => {
      const before = this.last[at];
      return before && sameList(before, now) ? before : now;
    });
    return this.last;
  }
}
