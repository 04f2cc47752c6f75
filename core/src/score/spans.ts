import { lineOfFifths } from '../pitch/note';
import { kindOf, type Neighbours } from './melodic';
import type { ScoreNote } from './scoreNote';
import type { Slice } from './slices';
import { TEMPLATES } from './templates';
import type { ReadingWeights } from './weights';

/** A span holds so many slices at most, and so many chords of it are followed up. */
export const MOST_SLICES = 8;
const MOST_CHORDS = 4;
const FAR_FETCHED = 3.5;
/** A span whose best chord leaves so much foreign is no chord, nor are longer ones. */
const HOPELESS = 4;
/** What a chord costs that lacks what makes it that chord. */
const IMPOSSIBLE = 100;

/** A name with three accidentals is read as the plainer one that sounds the same. */
function nearPlace(fifths: number): number {
  return fifths > 19 ? fifths - 12 : fifths < -15 ? fifths + 12 : fifths;
}

/** A bit for each name: names that share one lie 31 fifths apart and never meet. */
function bitOf(fifths: number): number {
  return 1 << (((fifths % 31) + 31) % 31);
}

interface Candidate {
  readonly template: number;
  readonly root: number;
  readonly mask: number;
  readonly bits: readonly number[];
}

const STRUCK_FROM = 0;

/** Whether a chord, by template, root and the place of its lowest member, has a numeral in some key. */
export type CanBe = (template: number, root: number, lowest: number) => boolean;

/** What every chord costs over every span of slices of a score. */
export class Spans {
  private readonly candidates: Candidate[] = [];
  /** Foreign notes of each slice under each candidate; names and lowest name of each slice. */
  private readonly foreign: Float64Array;
  private readonly masks: Int32Array;
  private readonly lowestBits: Int32Array;
  /** Which member of each candidate the lowest note of each slice is, −1 for none. */
  private readonly lowestMembers: Int8Array;
  /** The candidates whose root sounds in the next slices. */
  private readonly active: Int32Array;
  private actives = 0;
  /** Whether the lowest note is struck with the slice. */
  private readonly struck: Uint8Array;
  private readonly count: number;
  /** Of the spans that are being followed: foreign notes, lowest members and moves of the lowest note by candidate. */
  private readonly sums: Float64Array;
  private readonly lowests: Int8Array;
  private readonly moves: Float64Array;
  private from = 0;
  private sounding = 0;
  private readonly foundCosts = new Float64Array(MOST_CHORDS + 2);
  private readonly foundChords = new Int32Array(MOST_CHORDS + 2);
  /** How many chords the span may be, the cheapest first. */
  found = 0;
  private canBe: CanBe = () => true;

  constructor(
    private readonly notes: readonly ScoreNote[],
    private readonly neighbours: Neighbours,
    private readonly slices: readonly Slice[],
    private readonly weights: ReadingWeights,
    /** Sharps or flats of the signature. */
    private readonly home: number,
  ) {
    const fifths = notes.map(({ note }) => nearPlace(lineOfFifths(note)));
    for (const root of new Set(fifths))
      TEMPLATES.forEach(({ places }, template) => {
        const bits = places.map((place) => bitOf(root + place));
        this.candidates.push({ template, root, bits, mask: bits.reduce((all, bit) => all | bit, 0) });
      });
    this.count = this.candidates.length;
    this.foreign = new Float64Array(slices.length * this.count);
    this.masks = new Int32Array(slices.length);
    this.lowestBits = new Int32Array(slices.length);
    this.lowestMembers = new Int8Array(slices.length * this.count);
    this.active = new Int32Array(this.count);
    this.sums = new Float64Array(this.count);
    this.lowests = new Int8Array(this.count);
    this.moves = new Float64Array(this.count);
    this.struck = new Uint8Array(slices.length);
    slices.forEach((slice, at) => this.fill(slice, at, fifths));
  }

  private fill(slice: Slice, at: number, fifths: readonly number[]): void {
    const { sounding, from } = slice;
    // Doublings are foreign together.
    const bits: number[] = [];
    const costs: number[] = [];
    sounding.forEach((one, place) => {
      const bit = bitOf(fifths[one]!);
      const cost = this.foreignCost(one, slice, place === 0);
      const known = bits.indexOf(bit);
      if (known >= 0) costs[known]! += cost;
      else {
        bits.push(bit);
        costs.push(cost);
      }
    });
    this.masks[at] = bits.reduce((all, bit) => all | bit, 0);
    this.lowestBits[at] = bits[0]!;
    this.struck[at] = this.notes[sounding[0]!]!.onset === from ? 1 : STRUCK_FROM;
    const start = at * this.count;
    for (let c = 0; c < this.count; c++) {
      const { mask } = this.candidates[c]!;
      let cost = 0;
      for (let n = 0; n < bits.length; n++) if ((mask & bits[n]!) === 0) cost += costs[n]!;
      this.foreign[start + c] = cost;
      this.lowestMembers[start + c] = this.candidates[c]!.bits.indexOf(bits[0]!);
    }
  }

  /** What it costs to take a note of a slice as foreign. */
  private foreignCost(one: number, { from, to, accent }: Slice, lowest: boolean): number {
    const { kinds, accented, lasting, outside, lowest: below } = this.weights;
    const note = this.notes[one]!;
    const kind = kindOf(this.notes, this.neighbours, one, from);
    const struck = note.onset === from && kind !== 'suspension' && kind !== 'retardation';
    const begun = note.onset === from ? 1 : 0.3;
    const long = (to - from) / 10_080;
    const place = lineOfFifths(note.note) - this.home;
    const cost =
      kinds[kind] * begun +
      (struck ? accented * accent : 0) +
      lasting * long +
      (place < -1 || place > 5 ? outside : 0);
    return lowest ? cost * below : cost;
  }

  /** Begins with the spans from a slice on; only chords that can be in a key there take one of the few places. */
  begin(from: number, canBe: CanBe): void {
    this.from = from;
    this.canBe = canBe;
    this.sounding = 0;
    this.actives = 0;
    let window = 0;
    const end = Math.min(this.slices.length, from + MOST_SLICES);
    for (let at = from; at < end; at++) window |= this.masks[at]!;
    for (let c = 0; c < this.count; c++) {
      const { bits, mask } = this.candidates[c]!;
      if ((bits[0]! & window) === 0) continue;
      // One name alone stands for the triad on it, so that a slice is never without a chord.
      const shared = mask & window;
      if ((shared & (shared - 1)) === 0 && bits.length > 3) continue;
      this.sums[c] = 0;
      this.lowests[c] = -1;
      this.moves[c] = 0;
      this.active[this.actives++] = c;
    }
  }

  /** Goes on with one more slice and finds the chords of the span; false where it is hopeless from here on. */
  extend(to: number): boolean {
    const at = to - 1;
    const { from } = this;
    this.sounding |= this.masks[at]!;
    const opening = this.weights.begins[this.slices[from]!.accent]!;
    const first = this.masks[from]!;
    this.found = 0;
    let best = Infinity;
    let least = Infinity;
    const start = at * this.count;
    for (let n = 0; n < this.actives; n++) {
      const c = this.active[n]!;
      const sum = (this.sums[c]! += this.foreign[start + c]!);
      const { template, bits, root } = this.candidates[c]!;
      this.follow(c, this.lowestMembers[start + c]!, at);
      if ((bits[0]! & this.sounding) === 0) continue;
      if (sum < least) least = sum;
      const base = opening + sum + this.weights.templates[template]! + this.moves[c]!;
      if (base >= best + FAR_FETCHED) continue;
      const lowest = this.lowests[c]!;
      if (lowest < 0) continue;
      const cost =
        base +
        this.missing(template, bits, first) +
        (lowest === 2 && bits.length === 3 ? this.weights.sixFour : 0);
      if (cost >= best + FAR_FETCHED || !this.canBe(template, root, lowest)) continue;
      if (cost < best) best = cost;
      this.insert(template, root, lowest, cost);
    }
    while (this.found > 0 && this.foundCosts[this.found - 1]! >= best + FAR_FETCHED) this.found--;
    return least < HOPELESS;
  }

  /** Keeps the chords that were found sorted by cost, as many as are followed up. */
  private insert(template: number, root: number, lowest: number, cost: number): void {
    let at = Math.min(this.found, MOST_CHORDS);
    while (at > 0 && this.foundCosts[at - 1]! > cost) {
      this.foundCosts[at] = this.foundCosts[at - 1]!;
      this.foundChords[at] = this.foundChords[at - 1]!;
      at--;
    }
    this.foundCosts[at] = cost;
    this.foundChords[at] = ((root + 40) * 16 + template) * 4 + lowest;
    this.found = Math.min(this.found + 1, MOST_CHORDS);
  }

  root(n: number): number {
    return (this.foundChords[n]! >> 6) - 40;
  }

  template(n: number): number {
    return (this.foundChords[n]! >> 2) & 15;
  }

  /** The place of the lowest member in the template. */
  lowest(n: number): number {
    return this.foundChords[n]! & 3;
  }

  cost(n: number): number {
    return this.foundCosts[n]!;
  }

  private missing(template: number, bits: readonly number[], first: number): number {
    const { noThird, noFifth, lateRoot, lateThird, lateFifth, lateSeventh } = this.weights;
    let cost = 0;
    for (let m = 0; m < bits.length; m++) {
      if ((bits[m]! & first) !== 0) continue;
      const { degree, alteration } = TEMPLATES[template]!.members[m]!;
      const late = (bits[m]! & this.sounding) !== 0;
      if (degree === 3) cost += late ? lateThird : noThird;
      else if (degree === 5 && alteration === 0) cost += late ? lateFifth : noFifth;
      else if (degree === 1) cost += lateRoot;
      else cost += late ? lateSeventh : IMPOSSIBLE;
    }
    return cost;
  }

  /**
   * Follows the lowest notes: the first that belongs to the chord is its lowest member, and where it goes on to
   * another member, that costs.
   */
  private follow(c: number, member: number, at: number): void {
    if (member < 0) return;
    if (this.lowests[c]! < 0) {
      this.lowests[c] = member;
      return;
    }
    if (
      member === this.lowests[c] ||
      this.struck[at] === 0 ||
      this.lowestBits[at] === this.lowestBits[at - 1]
    )
      return;
    const { bassMoves, bassMovesAccent } = this.weights;
    this.moves[c]! += bassMoves + bassMovesAccent * this.slices[at]!.accent;
  }
}
