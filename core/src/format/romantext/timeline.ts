import { barTicks, type Metre } from '../../time/metre';

/** A bar of the file: its number, and `a` or `b` where it has two endings. */
export interface BarName {
  readonly number: number;
  readonly ending: string;
}

/** Where the bars of a file begin, in ticks from its first whole bar, as metres change along it. */
export class Timeline {
  /** The bar that is read, and where it begins. */
  start = 0;
  /** Metres by the time they begin. */
  readonly metres: { readonly at: number; readonly metre: Metre }[] = [];
  private bar: BarName | null = null;
  private metre: Metre;
  private next: Metre;

  constructor(first: Metre) {
    this.metre = this.next = first;
  }

  /** The metre in force. */
  get now(): Metre {
    return this.metre;
  }

  /** Another metre from the next bar on. */
  change(metre: Metre): void {
    this.next = metre;
  }

  /** Goes on to a bar; false where it lies before the one that was read. */
  goTo(bar: BarName): boolean {
    const before = this.bar;
    if (before === null) this.start = Math.min(0, bar.number - 1) * barTicks(this.next);
    else {
      // The second ending is a bar of its own after the first.
      const ending = bar.ending !== '' && before.ending !== '' && bar.ending !== before.ending;
      const passed = bar.number - before.number + (ending && bar.number === before.number ? 1 : 0);
      if (passed < 0 || (passed === 0 && bar.ending === before.ending)) return false;
      this.start += Math.max(1, passed) * barTicks(this.metre);
    }
    if (this.next !== this.metre || this.metres.length === 0) {
      this.metre = this.next;
      this.metres.push({ at: this.start, metre: this.metre });
    }
    this.bar = bar;
    return true;
  }
}
