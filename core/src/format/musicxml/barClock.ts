import { TICKS_A_QUARTER } from '../../time/length';
import { all, childrenOf, find, numberIn, xmlText, type XmlNode } from './dom';

/** Quarters of each written note value. */
const QUARTERS: Record<string, number> = {
  maxima: 32, long: 16, breve: 8, whole: 4, half: 2, quarter: 1, eighth: 1 / 2, '16th': 1 / 4, '32nd': 1 / 8,
  '64th': 1 / 16, '128th': 1 / 32, '256th': 1 / 64,
}; // prettier-ignore

/** A rounded duration is less than one division and a small part away from the written value. */
const MOST_DIVISIONS = 0.999;
const MOST_SHARE = 0.07;

/**
 * How long a note lasts in ticks: what its type, dots and tuplet say where its duration agrees with them within
 * rounding (42, 43, 43 of 128 for a triplet), else its duration, which is `told` in ticks (MusicXML 4, `note`).
 */
export function exactTicks(note: readonly XmlNode[], told: number, divisions: number): number {
  const quarters = QUARTERS[xmlText(find(note, 'type'))];
  if (quarters === undefined) return told;
  const dots = all(note, 'dot').length;
  const modification = find(note, 'time-modification');
  const within = modification ? childrenOf(modification) : [];
  const [over, under] = [
    numberIn(find(within, 'actual-notes')) ?? 1,
    numberIn(find(within, 'normal-notes')) ?? 1,
  ];
  if (!(over > 0) || !(under > 0)) return told;
  const exact = (quarters * (2 - 1 / 2 ** dots) * under * TICKS_A_QUARTER) / over;
  const away = Math.abs(exact - told);
  const agrees = away <= (MOST_DIVISIONS * TICKS_A_QUARTER) / divisions && away <= MOST_SHARE * exact;
  return agrees ? Math.round(exact) : told;
}

/**
 * Where one is in a bar, exactly: beside it stands the place that durations add up to, so that going back by a rounded
 * duration comes to the very time at which something began or ended.
 */
export class BarClock {
  private told = 0;
  private readonly exactAt = new Map<number, number>([[0, 0]]);
  /** Ticks from the beginning of the bar. */
  now = 0;
  furthest = 0;

  /** Goes on by a note: what its duration says in ticks, and how long it is. */
  advance(told: number, exact: number): void {
    this.told += told;
    this.now = this.exactAt.get(this.told) ?? this.now + exact;
    this.exactAt.set(this.told, this.now);
    this.furthest = Math.max(this.furthest, this.now);
  }

  /** Goes by a duration that has no type: forward, or back with a number below 0; never before the bar. */
  move(told: number): void {
    const from = this.told;
    this.told = Math.max(0, from + told);
    this.now = this.exactAt.get(this.told) ?? Math.max(0, this.now + this.told - from);
    if (told > 0) this.exactAt.set(this.told, this.now);
    this.furthest = Math.max(this.furthest, this.now);
  }
}
