import type { Chord } from '../../chord/chord';
import type { Key } from '../../key/key';
import { chordOfNumeral, type Numeral } from '../../label/numeral';
import type { Slice } from './slices';

/** What the teacher rules of a score; times in ticks. */
export type ScoreRuling =
  /** One chord with this numeral from a time to another. */
  | {
      readonly kind: 'numeral';
      readonly from: number;
      readonly to: number;
      readonly key: Key;
      readonly numeral: Numeral;
    }
  /** All chords from a time to another are in this key. */
  | { readonly kind: 'key'; readonly from: number; readonly to: number; readonly key: Key }
  /** A chord begins here, or none does. */
  | { readonly kind: 'split' | 'join'; readonly at: number }
  /** A phrase ends here, or none does. */
  | { readonly kind: 'phrase-end' | 'no-phrase-end'; readonly at: number };

/** A numeral that stands for the slices from a place to another. */
export interface Settled {
  readonly to: number;
  readonly key: Key;
  readonly numeral: Numeral;
  readonly chord: Chord;
}

/** Rulings by the slices of a score. */
export interface SearchRulings {
  readonly numerals: ReadonlyMap<number, Settled>;
  /** Boundaries that no chord crosses, and at which none begins. */
  readonly cuts: ReadonlySet<number>;
  readonly joins: ReadonlySet<number>;
  /** The key that is ruled for a slice. */
  keyAt(slice: number): Key | null;
}

/**
 * The rulings that still fit the slices: one whose times are no onsets any more is left out, as is a numeral that
 * another holds already.
 */
export function rulingsIn(rulings: readonly ScoreRuling[], slices: readonly Slice[]): SearchRulings {
  const numerals = new Map<number, Settled>();
  const cuts = new Set<number>();
  const joins = new Set<number>();
  const places = new Map(slices.map(({ from }, at) => [from, at]));
  const end = slices[slices.length - 1]?.to ?? 0;
  const placeOf = (time: number) => (time >= end ? slices.length : places.get(time));
  const keys: { from: number; to: number; key: Key }[] = [];
  const taken = new Uint8Array(slices.length);
  for (const ruling of rulings) {
    if (ruling.kind === 'key') keys.push(ruling);
    else if (ruling.kind === 'split' || ruling.kind === 'join') {
      const at = placeOf(ruling.at);
      if (at !== undefined && at > 0 && at < slices.length) (ruling.kind === 'split' ? cuts : joins).add(at);
    } else if (ruling.kind === 'numeral') {
      const [from, to] = [placeOf(ruling.from), placeOf(ruling.to)];
      if (from === undefined || to === undefined || to <= from) continue;
      if (taken.subarray(from, to).includes(1)) continue;
      taken.fill(1, from, to);
      const { key, numeral } = ruling;
      numerals.set(from, { to, key, numeral, chord: chordOfNumeral(numeral, key) });
    }
  }
  for (const [from, { to }] of numerals) {
    for (let at = from + 1; at < to; at++) {
      joins.add(at);
      cuts.delete(at);
    }
    for (const at of [from, to]) {
      cuts.add(at);
      joins.delete(at);
    }
  }
  for (const at of cuts) joins.delete(at);
  const keyOf = (time: number) => keys.find(({ from, to }) => time >= from && time < to)?.key ?? null;
  const byPlace = slices.map(({ from }) => keyOf(from));
  return { numerals, cuts, joins, keyAt: (slice) => byPlace[slice] ?? null };
}
