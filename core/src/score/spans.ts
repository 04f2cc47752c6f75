import { exact } from './exact';
import { nameIndex, NAMES, type SliceSounds } from './sounds';
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

/** Whether a chord, by template, root and the place of its lowest member, has a numeral in some key. */
export type CanBe = (template: number, root: number, lowest: number) => boolean;

/** A chord that is sought: a template on a root. */
interface Candidate {
  readonly template: number;
  readonly root: number;
  readonly rootBit: number;
  readonly mask: number;
  readonly bits: readonly number[];
  /** By the index of a name which member it is, −1 for none. */
  readonly members: Int8Array;
}

/** What every chord costs over every span of slices of a score. */
export class Spans {
  private readonly candidates: readonly Candidate[];
  /** By slice what is foreign in it under each candidate, where it was asked for. */
  private readonly foreign: (Float64Array | undefined)[] = [];
  /** By template and member what it costs that the member comes late, or not at all. */
  private readonly late: readonly (readonly number[])[];
  private readonly absent: readonly (readonly number[])[];
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
  /** How many chords the span may be, the cheapest first. */
  found = 0;
  private canBe: CanBe = () => true;

  constructor(
    private readonly sounds: readonly SliceSounds[],
    /** The names that chords may stand on, as places on the line of fifths. */
    roots: readonly number[],
    private readonly weights: ReadingWeights,
  ) {
    this.candidates = roots.flatMap((root) => TEMPLATES.map((_, template) => candidateOf(template, root)));
    const { noThird, noFifth, lateRoot, lateThird, lateFifth, lateSeventh } = weights;
    const costs = (third: number, fifth: number, root: number, other: number) =>
      TEMPLATES.map(({ members }) =>
        members.map(({ degree, alteration }) =>
          degree === 3 ? third : degree === 5 && alteration === 0 ? fifth : degree === 1 ? root : other,
        ),
      );
    this.late = costs(lateThird, lateFifth, lateRoot, lateSeventh);
    this.absent = costs(noThird, noFifth, lateRoot, IMPOSSIBLE);
    const count = this.candidates.length;
    this.active = new Int32Array(count);
    this.sums = new Float64Array(count);
    this.lowests = new Int8Array(count);
    this.moves = new Float64Array(count);
  }

  private foreignIn(at: number): Float64Array {
    let all = this.foreign[at];
    if (all) return all;
    const { bits, costs } = this.sounds[at]!;
    this.foreign[at] = all = new Float64Array(this.candidates.length);
    for (let c = 0; c < all.length; c++) {
      const { mask } = this.candidates[c]!;
      let cost = 0;
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
    for (let c = 0; c < this.candidates.length; c++) {
      const { rootBit, mask, bits } = this.candidates[c]!;
      if ((rootBit & window) === 0) continue;
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
    const { from, sounds, weights } = this;
    const { mask, lowest: name } = sounds[at]!;
    this.sounding |= mask;
    const opening = weights.begins[sounds[from]!.accent]!;
    const moves = this.lowestMoves(at);
    const foreign = this.foreignIn(at);
    this.found = 0;
    let best = Infinity;
    let least = Infinity;
    for (let n = 0; n < this.actives; n++) {
      const c = this.active[n]!;
      const sum = (this.sums[c]! += foreign[c]!);
      const candidate = this.candidates[c]!;
      // The first lowest note that belongs to the chord is its lowest member; where it goes to another, that costs.
      const member = candidate.members[name]!;
      if (member >= 0) {
        if (this.lowests[c]! < 0) this.lowests[c] = member;
        else if (member !== this.lowests[c]) this.moves[c]! += moves;
      }
      if ((candidate.rootBit & this.sounding) === 0) continue;
      if (sum < least) least = sum;
      const { template, root } = candidate;
      const base = opening + sum + weights.templates[template]! + this.moves[c]!;
      if (base >= best + FAR_FETCHED) continue;
      const lowest = this.lowests[c]!;
      if (lowest < 0) continue;
      const sixFour = lowest === 2 && candidate.bits.length === 3 ? weights.sixFour : 0;
      const cost = exact(base + this.missing(candidate) + sixFour);
      if (cost >= best + FAR_FETCHED || !this.canBe(template, root, lowest)) continue;
      if (cost < best) best = cost;
      this.insert(template, root, lowest, cost);
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

  /** What it costs that members do not sound from the beginning of the span. */
  private missing({ template, bits }: Candidate): number {
    const first = this.sounds[this.from]!.mask;
    const late = this.late[template]!;
    const absent = this.absent[template]!;
    let cost = 0;
    for (let m = 0; m < bits.length; m++)
      if ((bits[m]! & first) === 0) cost += (bits[m]! & this.sounding) !== 0 ? late[m]! : absent[m]!;
    return cost;
  }
}

function candidateOf(template: number, root: number): Candidate {
  const names = TEMPLATES[template]!.places.map((place) => nameIndex(root + place));
  const bits = names.map((name) => 1 << name);
  const members = new Int8Array(NAMES).fill(-1);
  names.forEach((name, member) => (members[name] = member));
  return { template, root, bits, members, rootBit: bits[0]!, mask: bits.reduce((all, bit) => all | bit, 0) };
}
