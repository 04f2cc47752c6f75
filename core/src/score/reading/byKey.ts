/** Numbers of keys lie between this and its negative. */
const KEYS = 128;

/** Numbers under the key they belong to, in lists that are used again. */
export class ByKey {
  /** The keys that hold something, in the order in which they came. */
  readonly keys: number[] = [];
  private readonly lists: number[][] = Array.from({ length: 2 * KEYS }, () => []);

  add(keyAt: number, value: number): void {
    const list = this.lists[keyAt + KEYS]!;
    if (list.length === 0) this.keys.push(keyAt);
    list.push(value);
  }

  of(keyAt: number): readonly number[] {
    return this.lists[keyAt + KEYS]!;
  }

  clear(): void {
    for (const keyAt of this.keys) this.lists[keyAt + KEYS]!.length = 0;
    this.keys.length = 0;
  }
}
