/**
 * Numbers that look random and are the same for the same seed on every machine: what is made of them is kept as
 * the seed alone, so that the way they come may never change (mulberry32, seeded by a 32-bit hash of the text).
 */
export class Dice {
  private state: number;

  constructor(seed: string) {
    let hash = 1779033703 ^ seed.length;
    for (let at = 0; at < seed.length; at++) {
      hash = Math.imul(hash ^ seed.charCodeAt(at), 3432918353);
      hash = (hash << 13) | (hash >>> 19);
    }
    this.state = hash >>> 0;
  }

  /** From 0 up to and without 1. */
  roll(): number {
    this.state = (this.state + 0x6d2b79f5) >>> 0;
    let mixed = this.state;
    mixed = Math.imul(mixed ^ (mixed >>> 15), mixed | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  }

  /** A whole number from one to another, both included. */
  between(least: number, most: number): number {
    return least + Math.floor(this.roll() * (most - least + 1));
  }

  /** One of a list that is not empty. */
  pick<One>(list: readonly One[]): One {
    return list[Math.floor(this.roll() * list.length)]!;
  }

  /** Whether something that happens in so many of a hundred cases happens. */
  chance(percent: number): boolean {
    return this.roll() * 100 < percent;
  }
}
