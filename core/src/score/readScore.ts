import { attempt } from '../errors';
import { keyFromSignature, sameKey, type Key } from '../key/key';
import { sameNumeral } from '../label/numeral';
import { assemble, type FoundChord } from './assemble';
import { heardTogether } from './broken';
import { neighboursOf, type Neighbours } from './melodic';
import { phraseEndsOf, type PhraseEnd } from './phrases';
import { rulingsIn, type ScoreRuling } from './rulings';
import type { ScoreToRead } from './scoreNote';
import type { ScoreReading } from './scoreReading';
import { searchScore } from './search';
import type { Alternative, Segment } from './segment';
import { checkDensity, slicesOf, type Slice } from './slices';
import { Spans } from './spans';
import { READING_WEIGHTS, type ReadingWeights } from './weights';

export interface ReadOptions {
  /** The key of the whole, where it is given. */
  readonly key?: Key;
  readonly rulings?: readonly ScoreRuling[];
  readonly weights?: ReadingWeights;
}

/** Keys so many fifths from the signature are sought. */
const KEY_REACH = 3;

/**
 * Reads a score: which moments belong to one chord, each chord and its inversion, the key and numeral of each,
 * and what the notes outside them are, all found together (search.ts). An empty score has no chords. Throws
 * TheoryError `request` where more notes sound at once than anybody reads, `key` where the key that is given cannot
 * hold the chords.
 */
export function readScore(given: ScoreToRead, options: ReadOptions = {}): ScoreReading {
  const { rulings = [] } = options;
  checkDensity(given.notes);
  const neighbours = neighboursOf(given.notes);
  const score = { ...given, notes: heardTogether(given.notes, neighbours, given.bars) };
  const slices = slicesOf(score);
  const phraseEnds = ruledEnds(phraseEndsOf(given), rulings);
  if (slices.length === 0)
    return { slices, chords: [], keys: [], cadences: [], brackets: [], arrows: [], phraseEnds: [] };
  const known = { score, slices, neighbours, phraseEnds };
  const found = areasOf(score, slices).flatMap(({ from, to, fifths }) =>
    searchArea(known, from, to, fifths, options),
  );
  return assemble(score, neighbours, slices, found, phraseEnds, rulings);
}

/** The parts of a score that share a signature, as slices. */
function areasOf({ signatures }: ScoreToRead, slices: readonly Slice[]) {
  const starts = signatures.map(({ at, fifths }) => ({
    from: Math.max(0, at === 0 ? 0 : slices.findIndex(({ from }) => from >= at)),
    fifths,
  }));
  if (starts[0]?.from !== 0) starts.unshift({ from: 0, fifths: starts[0]?.fifths ?? 0 });
  return starts
    .map(({ from, fifths }, at) => ({ from, fifths, to: starts[at + 1]?.from ?? slices.length }))
    .filter(({ from, to }) => to > from);
}

interface Known {
  readonly score: ScoreToRead;
  readonly slices: readonly Slice[];
  readonly neighbours: Neighbours;
  readonly phraseEnds: readonly PhraseEnd[];
}

function searchArea(
  { score, slices: all, neighbours, phraseEnds }: Known,
  from: number,
  to: number,
  fifths: number,
  { key, rulings = [], weights = READING_WEIGHTS }: ReadOptions,
): FoundChord[] {
  const slices = from === 0 && to === all.length ? all : all.slice(from, to);
  const walls = new Set([slices.length]);
  for (const { at } of phraseEnds) {
    const wall = slices.findIndex((slice) => slice.from >= at);
    if (wall > 0) walls.add(wall);
  }
  const inArea = rulingsIn(rulings, slices);
  const keys = key ? [key] : keysRound(fifths);
  for (const ruling of rulings)
    if (ruling.kind === 'key' && !keys.some((one) => sameKey(one, ruling.key))) keys.push(ruling.key);
  const result = searchScore({
    spans: new Spans(score.notes, neighbours, slices, weights, fifths),
    slices: slices.length,
    walls: [...walls].sort((a, b) => a - b),
    keys,
    home: fifths,
    weights,
    rulings: inArea,
  });
  const moved = <T extends Segment>(one: T): T => ({ ...one, from: one.from + from, to: one.to + from });
  const segments = merged(result.segments, new Set([...walls, ...inArea.cuts]));
  const over = alternativesOver(segments, result.alternatives);
  return segments.map((segment, at) => ({ segment: moved(segment), alternatives: over[at]!.map(moved) }));
}

/** For each segment the spans that share time with it, the likeliest of each state. */
function alternativesOver(
  segments: readonly Segment[],
  alternatives: readonly Alternative[],
): Alternative[][] {
  const best = segments.map(() => new Map<Segment['state'], Alternative>());
  const owner = new Int32Array(segments[segments.length - 1]?.to ?? 0);
  segments.forEach(({ from, to }, at) => owner.fill(at, from, to));
  for (const one of alternatives)
    for (let at = owner[one.from]!; at <= owner[one.to - 1]!; at++) {
      const known = best[at]!.get(one.state);
      if (!known || one.excess < known.excess) best[at]!.set(one.state, one);
    }
  return best.map((own) => [...own.values()]);
}

function keysRound(home: number): Key[] {
  const keys: Key[] = [];
  for (let fifths = home - KEY_REACH; fifths <= home + KEY_REACH; fifths++)
    for (const mode of ['major', 'minor'] as const) {
      const key = attempt(() => keyFromSignature(fifths, mode));
      if (key.ok && Math.abs(fifths) <= 9) keys.push(key.value);
    }
  return keys;
}

/** A chord that is struck again within its phrase is one. */
function merged(segments: readonly Segment[], walls: ReadonlySet<number>): Segment[] {
  const all: Segment[] = [];
  for (const segment of segments) {
    const last = all[all.length - 1];
    if (last && !walls.has(segment.from) && isSame(last, segment))
      all[all.length - 1] = { ...last, to: segment.to };
    else all.push(segment);
  }
  return all;
}

function isSame({ state: a }: Segment, { state: b }: Segment): boolean {
  return a === b || (sameKey(a.key, b.key) && sameNumeral(a.numeral, b.numeral));
}

function ruledEnds(found: readonly PhraseEnd[], rulings: readonly ScoreRuling[]): PhraseEnd[] {
  const no = new Set(rulings.flatMap((one) => (one.kind === 'no-phrase-end' ? [one.at] : [])));
  const ends = found.filter(({ at, sign }) => sign === 'end' || !no.has(at));
  for (const ruling of rulings)
    if (ruling.kind === 'phrase-end' && !ends.some(({ at }) => at === ruling.at))
      ends.push({ at: ruling.at, sign: 'marked' });
  return ends.sort((a, b) => a.at - b.at);
}
