import { CLASS_LIMITS } from './limits';

const MINUTE = 60_000;
const MOST_ADDRESSES = 5000;

/** Counts wrong join codes: who goes on guessing is not answered any more for a while. */
export class Guesses {
  private readonly byAddress = new Map<string, number[]>();
  private all: number[] = [];

  constructor(private readonly now: () => number = Date.now) {}

  /** Notes a wrong code. */
  wrong(address: string): void {
    const at = this.now();
    this.all.push(at);
    // Addresses can be made up; the count for all of them goes on.
    if (this.byAddress.size >= MOST_ADDRESSES) this.byAddress.clear();
    this.byAddress.set(address, [...this.recent(address), at]);
  }

  /** Whether this address has guessed so often that it has to wait. */
  blocked(address: string): boolean {
    return this.recent(address).length >= CLASS_LIMITS.guesses;
  }

  /** Whether so much is guessed from everywhere that every join is answered late. */
  late(): boolean {
    this.all = this.all.filter((at) => this.now() - at < MINUTE);
    return this.all.length >= CLASS_LIMITS.allGuesses;
  }

  private recent(address: string): number[] {
    const recent = (this.byAddress.get(address) ?? []).filter((at) => this.now() - at < MINUTE);
    if (recent.length === 0) this.byAddress.delete(address);
    return recent;
  }
}

/** Lets so many messages through at once, and so many a second after that. */
export class Rate {
  private left: number;
  private at: number;

  constructor(
    private readonly now: () => number = Date.now,
    private readonly burst: number = CLASS_LIMITS.burst,
    private readonly perSecond: number = CLASS_LIMITS.perSecond,
  ) {
    this.left = burst;
    this.at = now();
  }

  /** Whether one more may pass; a long one counts as several. */
  passes(cost = 1): boolean {
    const at = this.now();
    this.left = Math.min(this.burst, this.left + ((at - this.at) / 1000) * this.perSecond);
    this.at = at;
    if (this.left < cost) return false;
    this.left -= cost;
    return true;
  }
}
