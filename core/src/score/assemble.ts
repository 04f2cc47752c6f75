import type { ContextReading } from '../context/chordIn';
import { isCadential } from '../context/readings';
import { joinedBy } from '../context/structure';
import { statesInKey } from '../context/states';
import { attempt } from '../errors';
import { sameKey, type Key } from '../key/key';
import { sameNumeral, type Numeral } from '../label/numeral';
import type { Neighbours } from './melodic';
import { nonChordNotes, suppliedNotes } from './nonChord';
import type { PhraseEnd } from './phrases';
import type { ScoreRuling } from './rulings';
import type { ScoreToRead } from './scoreNote';
import type { KeyArea, ReadChord, ScoreChordReading, ScoreReading } from './scoreReading';
import type { Alternative, Segment } from './segment';
import type { Slice } from './slices';

/** A chord of the best reading, and what else lies on good ways over its time. */
export interface FoundChord {
  readonly segment: Segment;
  readonly alternatives: readonly Alternative[];
}

const MOST_READINGS = 8;

/** Makes the reading of a score from the chords that were found. */
export function assemble(
  { notes }: ScoreToRead,
  neighbours: Neighbours,
  slices: readonly Slice[],
  found: readonly FoundChord[],
  phraseEnds: readonly PhraseEnd[],
  rulings: readonly ScoreRuling[],
): ScoreReading {
  const states = found.map(({ segment }) => segment.state);
  const times = found.map(({ segment }) => ({
    from: slices[segment.from]!.from,
    to: slices[segment.to]?.from ?? slices[segment.to - 1]!.to,
  }));
  const ends = phraseEnds.flatMap(({ at }) => {
    const place = times.findIndex(({ from, to }) => from < at && to >= at);
    return place < 0 ? [] : [place];
  });
  const best = states.map((state, at): ContextReading => {
    const { chord, numeral, key, reason } = state;
    const next = states[at + 1];
    const cadential = next !== undefined && isCadential(state, next);
    return { chord, numeral, key, reason: cadential ? 'cadential-six-four' : reason, excess: 0 };
  });
  const structure = joinedBy(best, { phraseEnds: ends });
  const ruledFrom = new Set(rulings.flatMap((one) => (one.kind === 'numeral' ? [one.from] : [])));
  const pivots = pivotsOf(best);
  const chords = found.map(({ segment, alternatives }, at): ReadChord => {
    const { state, from, to } = segment;
    const own = slices.slice(from, to);
    return {
      ...times[at]!,
      firstSlice: from,
      endSlice: to,
      key: state.key,
      numeral: state.numeral,
      chord: state.chord,
      reason: best[at]!.reason,
      ruled: ruledFrom.has(times[at]!.from) && state.reason === 'given',
      nonChord: nonChordNotes(notes, neighbours, own, state.chord, states[at + 1]?.chord ?? null),
      supplied: suppliedNotes(notes, own, state.chord),
      readings: readingsOf(segment, alternatives, slices),
      pivot: pivots.get(at) ?? null,
    };
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

/**
 * The pivots by their place: of the chords where a key goes over to another, the last that belongs to the scale of
 * both, before the first that is of the new key alone; a six-four of the cadence counts with its dominant (common
 * practice).
 */
function pivotsOf(best: readonly ContextReading[]): Map<number, ReadChord['pivot']> {
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

/** Distinct readings over the time of a chord, its own first. */
function readingsOf(
  segment: Segment,
  alternatives: readonly Alternative[],
  slices: readonly Slice[],
): ScoreChordReading[] {
  const all = [{ ...segment, excess: 0 }, ...[...alternatives].sort((a, b) => a.excess - b.excess)];
  const readings: ScoreChordReading[] = [];
  for (const { from, to, state, excess } of all) {
    if (readings.length === MOST_READINGS) break;
    const { key, numeral, chord } = state;
    if (readings.some((one) => sameKey(one.key, key) && sameNumeral(one.numeral, numeral))) continue;
    readings.push({
      from: slices[from]!.from,
      to: slices[to]?.from ?? slices[to - 1]!.to,
      key,
      numeral,
      chord,
      excess,
    });
  }
  return readings;
}

function keyAreas(chords: readonly ReadChord[]): KeyArea[] {
  const areas: KeyArea[] = [];
  chords.forEach(({ key, from, to }, at) => {
    const last = areas[areas.length - 1];
    if (last && sameKey(last.key, key)) areas[areas.length - 1] = { ...last, to, endChord: at + 1 };
    else areas.push({ from, to, key, firstChord: at, endChord: at + 1 });
  });
  return areas;
}
