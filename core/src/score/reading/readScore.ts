import { isTuneAlone, tuneReading } from './tuneAlone';
import { attempt } from '../../errors';
import { keyFromSignature, sameKey, type Key } from '../../key/key';
import { lineOfFifths } from '../../pitch/note';
import { assemble, type BestChord } from './assemble';
import { heardTogether } from './heardTogether';
import { modalKey } from './modalKey';
import { neighboursOf, type Neighbours } from './melodic';
import { withPedals } from './pedals';
import { phraseEndsOf, type PhraseEnd } from './phrases';
import { rulingsIn, type ScoreRuling } from './rulings';
import { PickReadings, sameReading } from './pickReadings';
import type { ScoreNote, ScoreToRead } from '../model/scoreNote';
import type { ScoreReading } from './scoreReading';
import { ChordSearch } from './search';
import type { ScoreSegment } from './segment';
import { hasSymbols, readingBySymbols } from './symbolReading';
import { checkDensity, sameSlice, slicesOf, type Slice } from './slices';
import { namePlace, soundsAgain, type KnownSounds } from './sounds';
import { editedRange, type HeardNotes, type EditedRange } from './editedRange';
import { READING_WEIGHTS, type ReadingWeights } from './weights';

export interface ReadOptions {
  /** The key of the whole, where it is given. */
  readonly key?: Key;
  readonly rulings?: readonly ScoreRuling[];
  readonly weights?: ReadingWeights;
  /** Where the chords come from in a score with symbols; by its symbols, where nothing is said. */
  readonly chordsFrom?: ChordsFrom;
}

export type ChordsFrom = 'symbols' | 'notes';

/** Keys so many fifths from the signature are sought. */
const KEY_REACH = 3;

/**
 * Reads a score: which moments belong to one chord, each chord and its inversion, the key and numeral of each,
 * and what the notes outside them are, all found together (search.ts). An empty score has no chords. Throws
 * TheoryError `request` where more notes sound at once than anybody reads, `key` where the key that is given cannot
 * hold the chords.
 */
export function analyseScore(given: ScoreToRead, options: ReadOptions = {}): ScoreReading {
  return new ScoreReader().read(given, options);
}

/** What is remembered of the slices under one signature. */
interface AreaMemory {
  readonly search: ChordSearch;
  readonly pick: PickReadings;
  sounds: KnownSounds | null;
}

/** Reads a score again and again while it is worked on: only what a change can have touched is found anew. */
export class ScoreReader {
  /** By the signature, counted from the first; and of a piece that was read in a mode. */
  private readonly areas: AreaMemory[] = [];
  private readonly modal: AreaMemory[] = [];
  private slices: readonly Slice[] = [];
  private heard: HeardNotes | null = null;
  private round = 0;

  /** As analyseScore, and with the same result; what is as it was is the same object as in the reading before. */
  read(given: ScoreToRead, options: ReadOptions = {}): ScoreReading {
    const { rulings = [] } = options;
    checkDensity(given.notes);
    const phraseEnds = ruledEnds(phraseEndsOf(given), rulings);
    if (options.chordsFrom !== 'notes' && hasSymbols(given)) {
      this.heard = null;
      this.slices = keptSlices(this.slices, slicesOf(given));
      if (this.slices.length > 0) return readingBySymbols(given, this.slices, phraseEnds, options);
    }
    const neighbours = neighboursOf(given.notes);
    const score = { ...given, notes: withPedals(heardTogether(given.notes, given.bars), given.bars) };
    const heard = { notes: score.notes, neighbours };
    const touched = editedRange(this.heard, heard);
    // A reading that fails is nothing to go by.
    this.heard = null;
    this.slices = keptSlices(this.slices, slicesOf(score));
    const { slices } = this;
    if (slices.length === 0)
      return { slices, chords: [], keys: [], cadences: [], brackets: [], arrows: [], phraseEnds };
    const known = { score, slices, neighbours, phraseEnds, touched };
    const searched = (key: Key | undefined, memories: AreaMemory[]) =>
      areasOf(score, slices).flatMap((area, at) => {
        memories[at] ??= { search: new ChordSearch(), pick: new PickReadings(), sounds: null };
        return searchArea(known, area, key ? { ...options, key } : options, memories[at]);
      });
    const told = { heard, written: given.notes, slices, phraseEnds, rulings, touched };
    const usual = assemble({ ...told, round: ++this.round }, searched(options.key, this.areas));
    this.heard = heard;
    const mode = options.key ? null : modalKey(score, neighbours, usual);
    const read = mode ? assemble({ ...told, round: ++this.round }, searched(mode, this.modal)) : usual;
    return isTuneAlone(given.notes) ? tuneReading(read) : read;
  }
}

/** The slices, each as the object that it was, where one said the same at its place from the beginning or the end. */
function keptSlices(old: readonly Slice[], now: readonly Slice[]): Slice[] {
  const shift = now.length - old.length;
  return now.map((slice, at) => {
    for (const before of [old[at], old[at - shift]]) if (before && sameSlice(before, slice)) return before;
    return slice;
  });
}

interface Area {
  readonly from: number;
  readonly to: number;
  readonly fifths: number;
}

/** The parts of a score that share a signature, as slices. */
function areasOf({ signatures }: ScoreToRead, slices: readonly Slice[]): Area[] {
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
  readonly touched: EditedRange;
}

function searchArea(
  { score, slices: all, neighbours, phraseEnds, touched }: Known,
  { from, to, fifths }: Area,
  { key, rulings = [], weights = READING_WEIGHTS }: ReadOptions,
  memory: AreaMemory,
): BestChord[] {
  const slices = from === 0 && to === all.length ? all : all.slice(from, to);
  const inArea = rulingsIn(rulings, slices);
  const walls = wallsIn(slices, phraseEnds, inArea.joins);
  const keys = key ? [key] : keysRound(fifths);
  for (const ruling of rulings)
    if (ruling.kind === 'key' && !keys.some((one) => sameKey(one, ruling.key))) keys.push(ruling.key);
  memory.sounds = soundsAgain(
    memory.sounds,
    { notes: score.notes, neighbours },
    slices,
    weights,
    fifths,
    touched,
  );
  const result = memory.search.run({
    sounds: memory.sounds.sounds,
    roots: namesIn(score.notes),
    walls,
    keys,
    home: fifths,
    weights,
    rulings: inArea,
  });
  return merged(result.segments, new Set([...walls, ...inArea.cuts])).map((one) => ({
    segment: { ...one, from: one.from + from, to: one.to + from },
    known: memory.pick.of(one, result),
  }));
}

/** The slices before which phrases begin, and the end. A chord that is ruled to go on goes on over a phrase end. */
function wallsIn(
  slices: readonly Slice[],
  phraseEnds: readonly PhraseEnd[],
  joins: ReadonlySet<number>,
): Set<number> {
  const walls = new Set<number>();
  let wall = 0;
  for (const { at } of phraseEnds) {
    while (wall < slices.length && slices[wall]!.from < at) wall++;
    if (wall > 0 && wall < slices.length && !joins.has(wall)) walls.add(wall);
  }
  return walls.add(slices.length);
}

/** The names of notes as places on the line of fifths, sorted. */
function namesIn(notes: readonly ScoreNote[]): number[] {
  const names = new Set(notes.map(({ note }) => namePlace(lineOfFifths(note))));
  return [...names].sort((a, b) => a - b);
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
function merged(segments: readonly ScoreSegment[], walls: ReadonlySet<number>): ScoreSegment[] {
  const all: ScoreSegment[] = [];
  for (const segment of segments) {
    const last = all[all.length - 1];
    if (last && !walls.has(segment.from) && sameReading(last.state, segment.state))
      all[all.length - 1] = { ...last, to: segment.to };
    else all.push(segment);
  }
  return all;
}

function ruledEnds(found: readonly PhraseEnd[], rulings: readonly ScoreRuling[]): PhraseEnd[] {
  const no = new Set(rulings.flatMap((one) => (one.kind === 'no-phrase-end' ? [one.at] : [])));
  const ends = found.filter(({ at, sign }) => sign === 'end' || !no.has(at));
  for (const ruling of rulings)
    if (ruling.kind === 'phrase-end' && !ends.some(({ at }) => at === ruling.at))
      ends.push({ at: ruling.at, sign: 'marked' });
  return ends.sort((a, b) => a.at - b.at);
}
