import type { Chord } from '../../chord/chord';
import type { ContextReading } from '../../context/chordIn';
import { isCadential } from '../../context/readings';
import { joinedBy } from '../../context/structure';
import { statesInKey } from '../../context/states';
import { attempt } from '../../errors';
import { sameKey, type Key } from '../../key/key';
import type { Numeral } from '../../label/numeral';
import { sameValue } from '../../same';
import { nonChordNotes, suppliedNotes } from './nonChord';
import type { ScoreNote } from '../model/scoreNote';
import type { PhraseEnd } from './phrases';
import type { ScoreRuling } from './rulings';
import type { KeyArea, ReadChord, ScoreChordReading, ScoreReading } from './scoreReading';
import type { KnownChord } from './pickReadings';
import type { ScoreSegment } from './segment';
import type { Slice } from './slices';
import { isOutside, type HeardNotes, type EditedRange } from './editedRange';

/** A chord of the best reading, and what is known of it. */
export interface BestChord {
  readonly segment: ScoreSegment;
  readonly known: KnownChord;
}

/** What a reading is told of. */
interface Assembled {
  readonly heard: HeardNotes;
  /** The same notes as they are written. */
  readonly written: readonly ScoreNote[];
  readonly slices: readonly Slice[];
  readonly phraseEnds: readonly PhraseEnd[];
  readonly rulings: readonly ScoreRuling[];
  /** What is other than in the reading before, and which reading this is, counted. */
  readonly touched: EditedRange;
  readonly round: number;
}

/** Makes the reading of a score from the chords that were found. A chord that says the same stays the same object. */
export function assemble(given: Assembled, found: readonly BestChord[]): ScoreReading {
  const { slices, phraseEnds, rulings } = given;
  const times = found.map(({ segment }) => timesOf(segment, slices));
  const best = found.map(({ segment }, at): ContextReading => {
    const { chord, numeral, key, reason } = segment.state;
    const next = found[at + 1]?.segment.state;
    const cadential = next !== undefined && isCadential(segment.state, next);
    return { chord, numeral, key, reason: cadential ? 'cadential-six-four' : reason, excess: 0 };
  });
  const structure = joinedBy(best, { phraseEnds: lastOfPhrases(phraseEnds, times) });
  const ruledFrom = new Set(rulings.flatMap((one) => (one.kind === 'numeral' ? [one.from] : [])));
  const pivots = pivotsOf(best);
  const chords = found.map(({ segment, known }, at): ReadChord => {
    const { state, from, to } = segment;
    const { key, numeral, chord } = state;
    const next = best[at + 1]?.chord ?? null;
    const outside = outsideChord(given, segment, known, next);
    const one: ReadChord = {
      from: times[at]!.from,
      to: times[at]!.to,
      firstSlice: from,
      endSlice: to,
      key,
      numeral,
      chord,
      reason: best[at]!.reason,
      ruled: ruledFrom.has(times[at]!.from) && state.reason === 'given',
      nonChord: outside.nonChord,
      supplied: outside.supplied,
      readings: readingsOf(known, from, slices),
      pivot: pivots.get(at) ?? null,
    };
    const before = known.told?.one;
    known.told = { one: before && sameValue(before, one) ? before : one, round: given.round, next };
    return known.told.one;
  });
  return {
    slices,
    chords,
    keys: keyAreas(chords),
    cadences: structure.cadences,
    brackets: structure.brackets,
    arrows: structure.arrows,
    phraseEnds,
  };
}

/** What of the notes is not of a chord, and what of the chord is not in the notes. */
function outsideChord(
  { heard: { notes, neighbours }, written, slices, touched, round }: Assembled,
  { from, to, state: { chord } }: ScoreSegment,
  { told }: KnownChord,
  next: Chord | null,
): Pick<ReadChord, 'nonChord' | 'supplied'> {
  const isKnown = told?.round === round - 1 && told.next === next && told.one.firstSlice === from;
  if (isKnown && isOutside(touched, slices[from]!.from, endOf(to, slices))) return told.one;
  const own = slices.slice(from, to);
  return {
    nonChord: nonChordNotes(notes, neighbours, own, chord, next),
    supplied: suppliedNotes(written, own, chord),
  };
}

function timesOf({ from, to }: Pick<ScoreSegment, 'from' | 'to'>, slices: readonly Slice[]) {
  return { from: slices[from]!.from, to: endOf(to, slices) };
}

/** When the slices before a boundary are over. */
function endOf(to: number, slices: readonly Slice[]): number {
  return slices[to]?.from ?? slices[to - 1]!.to;
}

/** The readings that stand beside a chord from a slice on: those that were told, where their times are as they were. */
function readingsOf(
  { picked, told }: KnownChord,
  from: number,
  slices: readonly Slice[],
): readonly ScoreChordReading[] {
  const isSame = picked.every(({ from: start, to: end }, at) => {
    const before = told?.one.readings[at];
    return before?.from === slices[from + start]!.from && before.to === endOf(from + end, slices);
  });
  if (isSame && told) return told.one.readings;
  return picked.map(({ from: start, to: end, state: { key, numeral, chord }, excess }) => ({
    from: slices[from + start]!.from,
    to: endOf(from + end, slices),
    key,
    numeral,
    chord,
    excess,
  }));
}

/** The places of the chords with which phrases end. */
export function lastOfPhrases(
  phraseEnds: readonly PhraseEnd[],
  times: readonly { readonly from: number; readonly to: number }[],
): number[] {
  let place = 0;
  return phraseEnds.flatMap(({ at }) => {
    while (place < times.length && times[place]!.to < at) place++;
    return place < times.length && times[place]!.from < at ? [place] : [];
  });
}

/**
 * The pivots by their place: of the chords where a key goes over to another, the last that belongs to the scale of
 * both, before the first that is of the new key alone; a six-four of the cadence counts with its dominant (common
 * practice).
 */
export function pivotsOf(best: readonly ContextReading[]): Map<number, ReadChord['pivot']> {
  const pivots = new Map<number, ReadChord['pivot']>();
  best.forEach(({ key }, first) => {
    const before = best[first - 1]?.key;
    if (!before || sameKey(before, key)) return;
    let at = first;
    while (best[at] && sameKey(best[at]!.key, key) && diatonicIn(best[at]!, before)) at++;
    const place = at - 1;
    const old = place < first;
    const numeral = diatonicIn(best[place]!, old ? key : before);
    if (numeral && diatonicIn(best[place]!, old ? before : key))
      pivots.set(place, { key: old ? key : before, numeral, leaves: !old });
  });
  return pivots;
}

/** The plain numeral of a chord in the scale of a key; null where it has none there. */
function diatonicIn({ chord, reason }: ContextReading, key: Key): Numeral | null {
  if (reason === 'cadential-six-four') return null;
  const states = attempt(() => statesInKey(chord, key));
  const found = states.ok && states.value.find((one) => one.reason === 'diatonic' && one.target === 0);
  return found ? found.numeral : null;
}

/** Where each key holds. */
export function keyAreas(chords: readonly ReadChord[]): KeyArea[] {
  const areas: KeyArea[] = [];
  for (let first = 0, end = 1; first < chords.length; first = end++) {
    const { key, from } = chords[first]!;
    while (end < chords.length && sameKey(chords[end]!.key, key)) end++;
    areas.push({ from, to: chords[end - 1]!.to, key, firstChord: first, endChord: end });
  }
  return areas;
}
