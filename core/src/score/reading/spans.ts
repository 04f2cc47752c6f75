import { exact } from './exact';
import { Candidates, MOST_MEMBERS } from './candidates';
import { NAMES, type SliceSounds } from './sounds';
import { TEMPLATES } from './templates';
import type { ReadingWeights } from './weights';

/** A span holds so many slices at most, those that are joined counted as one, and so many chords are followed up. */
export const MOST_SLICES = 8;
const MOST_CHORDS = 4;
const FAR_FETCHED = 3.5;
/** A span whose best chord leaves so much foreign is no chord, nor are longer ones. */
const HOPELESS = 4;
/** What a chord costs that lacks what makes it that chord. */
const IMPOSSIBLE = 100;

/** No more slices are asked about at once, as a rule. */
const RING = 16;

const DIMINISHED = TEMPLATES.findIndex(({ name }) => name === 'diminished');

/** The place of a member that a triad does not have. */
const NONE = { degree: 0, alteration: 0 };

/** Whether a chord, by template, root and the place of its lowest member, has a numeral in some key. */
export type CanBe = (template: number, root: number, lowest: number) => boolean;

/** What every chord costs over every span of slices of a score. */
export class Spans {
  private readonly candidates: Candidates;
  /** What is foreign in the slices that were asked for last under each candidate, by slices modulo a ring. */
  private readonly foreign: readonly Float64Array[];
  private readonly foreignAt = new Int32Array(RING).fill(-1);
  /** By template and member what it costs that the member comes late, or not at all. */
  private readonly late: Float64Array;
  private readonly absent: Float64Array;
  /** The candidates whose root sounds in the next slices. */
  private readonly active: Int32Array;
  private actives = 0;
  /** Of the spans that are being followed: foreign notes, lowest members and moves of the lowest note by candidate. */
  private readonly sums: Float64Array;
  private readonly lowests: Int8Array;
  private readonly moves: Float64Array;
  private from = 0;
  private sounding = 0;
  private readonly foundCosts = new Float64Array(MOST_CHORDS + 2);
  private readonly foundChords = new Int32Array(MOST_CHORDS + 2);
  private readonly foundBare = new Uint8Array(MOST_CHORDS + 2);
  /** How many chords the span may be, the cheapest first. */
  found = 0;
  private canBe: CanBe = () => true;

  constructor(
    private readonly sounds: readonly SliceSounds[],
    /** The names that chords may stand on, as places on the line of fifths. */
    roots: readonly number[],
    private readonly weights: ReadingWeights,
  ) {
    this.candidates = new Candidates(roots);
    const { count } = this.candidates;
    this.foreign = Array.from({ length: RING }, () => new Float64Array(count));
    const { noThird, noFifth, lateRoot, lateThird, lateFifth, lateSeventh } = weights;
    const costs = (third: number, fifth: number, root: number, other: number) =>
      Float64Array.from({ length: TEMPLATES.length * MOST_MEMBERS }, (_, at) => {
        const { degree, alteration } = TEMPLATES[(at / MOST_MEMBERS) | 0]!.members[at % MOST_MEMBERS] ?? NONE;
        return degree === 3 ? third : degree === 5 && alteration === 0 ? fifth : degree === 1 ? root : other;
      });
    this.late = costs(lateThird, lateFifth, lateRoot, lateSeventh);
    this.absent = costs(noThird, noFifth, lateRoot, IMPOSSIBLE);
    // Two voices may say no more of the leading-note chord than its root and third.
    this.absent[DIMINISHED * MOST_MEMBERS + 2] = weights.noDiminishedFifth;
    this.active = new Int32Array(count);
    this.sums = new Float64Array(count);
    this.lowests = new Int8Array(count);
    this.moves = new Float64Array(count);
  }

  private foreignIn(at: number): Float64Array {
    const all = this.foreign[at % RING]!;
    if (this.foreignAt[at % RING] === at) return all;
    this.foreignAt[at % RING] = at;
    const { bits, costs, mask: sounding } = this.sounds[at]!;
    const { nothing } = this.weights;
    const { masks } = this.candidates;
    for (let c = 0; c < all.length; c++) {
      const mask = masks[c]!;
      let cost = (mask & sounding) === 0 ? nothing : 0;
      for (let n = 0; n < bits.length; n++) if ((mask & bits[n]!) === 0) cost += costs[n]!;
      all[c] = cost;
    }
    return all;
  }

  /** Begins with the spans from a slice on; only chords that can be in a key there take one of the few places. */
  begin(from: number, canBe: CanBe): void {
    this.from = from;
    this.canBe = canBe;
    this.sounding = 0;
    this.actives = 0;
    let window = 0;
    const end = Math.min(this.sounds.length, from + MOST_SLICES);
    for (let at = from; at < end; at++) window |= this.sounds[at]!.mask;
    const { count, bits, masks, sizes } = this.candidates;
    for (let c = 0; c < count; c++) {
      if ((bits[c * MOST_MEMBERS]! & window) === 0) continue;
      // One name alone stands for the triad on it, so that a slice is never without a chord.
      const shared = masks[c]! & window;
      if ((shared & (shared - 1)) === 0 && sizes[c]! > 3) continue;
      this.sums[c] = 0;
      this.lowests[c] = -1;
      this.moves[c] = 0;
      this.active[this.actives++] = c;
    }
  }

  /** Goes on with one more slice and finds the chords of the span; false where it is hopeless from here on. */
  extend(to: number): boolean {
    const at = to - 1;
    const { from, weights, active, sums, lowests, moves } = this;
    const { members, bits, templates, roots, sizes } = this.candidates;
    const { mask, lowest: name, overPedal } = this.sounds[at]!;
    this.sounding |= mask;
    const { sounding } = this;
    const opening = weights.begins[this.sounds[from]!.accent]!;
    const moved = this.lowestMoves(at);
    const foreign = this.foreignIn(at);
    this.found = 0;
    let best = Infinity;
    let least = Infinity;
    for (let n = 0; n < this.actives; n++) {
      const c = active[n]!;
      const sum = (sums[c]! += foreign[c]!);
      // The first lowest note that belongs to the chord is its lowest member; where it goes to another, that costs.
      const own = members[c * NAMES + name]!;
      const member = own < 0 && overPedal >= 0 ? members[c * NAMES + overPedal]! : own;
      const lowest = lowests[c]!;
      if (member >= 0) {
        if (lowest < 0) lowests[c] = member;
        else if (member !== lowest) moves[c]! += moved;
      }
      if ((bits[c * MOST_MEMBERS]! & sounding) === 0) continue;
      if (sum < least) least = sum;
      const template = templates[c]!;
      const base = opening + sum + weights.templates[template]! + moves[c]!;
      if (base >= best + FAR_FETCHED || lowests[c]! < 0) continue;
      const sixFour = lowests[c] === 2 && sizes[c] === 3 ? weights.sixFour : 0;
      const cost = exact(base + this.missing(c) + sixFour);
      if (cost >= best + FAR_FETCHED || !this.canBe(template, roots[c]!, lowests[c]!)) continue;
      if (cost < best) best = cost;
      const bare = (bits[c * MOST_MEMBERS + 1]! & sounding) === 0 ? 1 : 0;
      this.insert(template, roots[c]!, lowests[c]!, cost, bare);
    }
    while (this.found > 0 && this.foundCosts[this.found - 1]! >= best + FAR_FETCHED) this.found--;
    return least < HOPELESS;
  }

  /** What it costs within a chord that the lowest note of a slice is another than before; nothing where it is held. */
  private lowestMoves(at: number): number {
    const { struck, lowest, accent } = this.sounds[at]!;
    if (at === this.from || !struck || lowest === this.sounds[at - 1]!.lowest) return 0;
    return this.weights.bassMoves + this.weights.bassMovesAccent * accent;
  }

  /** Keeps the chords that were found sorted by cost, as many as are followed up. */
  private insert(template: number, root: number, lowest: number, cost: number, bare: number): void {
    let at = Math.min(this.found, MOST_CHORDS);
    while (at > 0 && this.foundCosts[at - 1]! > cost) {
      this.foundCosts[at] = this.foundCosts[at - 1]!;
      this.foundChords[at] = this.foundChords[at - 1]!;
      this.foundBare[at] = this.foundBare[at - 1]!;
      at--;
    }
    this.foundCosts[at] = cost;
    this.foundBare[at] = bare;
    this.foundChords[at] = ((root + 40) * 16 + template) * 4 + lowest;
    this.found = Math.min(this.found + 1, MOST_CHORDS);
  }

  root(n: number): number {
    return (this.foundChords[n]! >> 6) - 40;
  }

  template(n: number): number {
    return (this.foundChords[n]! >> 2) & 15;
  }

  /** Whether the third does not sound in the span. */
  isBare(n: number): boolean {
    return this.foundBare[n] === 1;
  }

  /** The place of the lowest member in the template. */
  lowest(n: number): number {
    return this.foundChords[n]! & 3;
  }

  cost(n: number): number {
    return this.foundCosts[n]!;
  }

  /** What it costs that members do not sound from the beginning of the span. */
  private missing(c: number): number {
    const first = this.sounds[this.from]!.mask;
    const { bits, sizes, templates } = this.candidates;
    const costs = templates[c]! * MOST_MEMBERS;
    let cost = 0;
    for (let m = 0; m < sizes[c]!; m++) {
      const bit = bits[c * MOST_MEMBERS + m]!;
      if ((bit & first) !== 0) continue;
      cost += (bit & this.sounding) !== 0 ? this.late[costs + m]! : this.absent[costs + m]!;
    }
    return cost;
  }
}
