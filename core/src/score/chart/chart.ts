import { makeChord, stackedNotes, type Chord, type Member } from '../../chord/chord';
import { describe } from '../../chord/describe';
import { nameBelow } from '../../interval/interval';
import { fromLineOfFifths, lineOfFifths, midiNumber, sameName, type NoteName } from '../../pitch/note';
import { beatTicks, barTicks } from '../../time/metre';
import { withinBar } from '../model/beats';
import { CHART_PARTS, type ChartPart, type ChartRate } from './chartRates';
import type { ScoreToRead } from '../model/scoreNote';
import type { ReadChord, ScoreReading } from '../reading/scoreReading';

export interface ChartOptions {
  readonly rate: ChartRate;
  /** Sevenths become triads. */
  readonly simple: boolean;
  /** The fret on which a capo sits: the chords are named so many half steps lower. */
  readonly capo: number;
  /** For whom it is named: everybody at pitch, or an instrument in B♭, E♭ or F. */
  readonly part?: ChartPart;
}

/** Why it would hurt to leave out what was left out. */
export type ChartHurt = 'in-tune' | 'cadence';

/** A chord of a chart: when, what it is, the place of the chord it comes from, and what was left out of it. */
export interface ChartChord {
  readonly at: number;
  readonly to: number;
  readonly chord: Chord;
  readonly from: number;
  readonly dropped: readonly Member[];
  readonly hurts: readonly ChartHurt[];
}

/**
 * A chart for accompanists: the chords of a reading, one a chord, beat, half bar or bar (the one whose root
 * lasts longest in it; on a tie the first), sevenths simplified where that is asked, and named for a capo. What is
 * left out is told, and where that hurts: the note is in the tune, or a dominant leads to a cadence (common
 * practice).
 */
export function chartOf(score: ScoreToRead, reading: ScoreReading, options: ChartOptions): ChartChord[] {
  const spans =
    options.rate === 'chord'
      ? reading.chords.map(({ from, to }, at) => ({ from, to, at }))
      : spansOf(score, reading, options.rate);
  // One spelling for the whole chart, by its first key.
  const fifths = CHART_PARTS[options.part ?? 'C'];
  const tonic = reading.keys[0]?.key.tonic;
  const named = tonic && raised(nameBelow(tonic, LETTERS_OF_HALF_STEPS[options.capo]!), fifths);
  const plainly = named !== undefined && Math.abs(lineOfFifths(named)) > 6;
  const cadences = new Set(reading.cadences.map(({ at }) => at));
  const found: ChartChord[] = [];
  for (const { from, to, at } of spans) {
    const one = reading.chords[at]!;
    const { chord, dropped } = options.simple ? simplified(one.chord) : { chord: one.chord, dropped: [] };
    const named = moved(chord, options.capo, fifths, plainly);
    const last = found[found.length - 1];
    if (last && sameSymbol(last.chord, named) && last.to === from) {
      found[found.length - 1] = { ...last, to };
      continue;
    }
    const hurts = dropped.length === 0 ? [] : hurtsOf(score, one, dropped, cadences.has(at + 1));
    found.push({ at: from, to, chord: named, from: at, dropped, hurts });
  }
  return found;
}

/** The chord that sounds longest in each span of the rate. */
function spansOf({ bars }: ScoreToRead, { chords }: ScoreReading, rate: Exclude<ChartRate, 'chord'>) {
  const spans: { from: number; to: number; at: number }[] = [];
  const end = chords[chords.length - 1]?.to ?? 0;
  let first = 0;
  for (const bar of bars) {
    const whole = barTicks(bar.metre);
    const beat = beatTicks(bar.metre);
    const halves = (whole / beat) % 2 === 0;
    const step = rate === 'bar' || (rate === 'half' && !halves) ? whole : rate === 'half' ? whole / 2 : beat;
    for (let from = bar.from; from < Math.min(bar.to, end);) {
      const into = withinBar(from, bar) % step;
      const to = Math.min(bar.to, from + step - into);
      while (chords[first] && chords[first]!.to <= from) first++;
      // Chords on one root are one for this, whatever their inversions and sevenths.
      const times = new Map<string, { at: number; time: number }>();
      for (let at = first; chords[at] && chords[at]!.from < to; at++) {
        const time = Math.min(to, chords[at]!.to) - Math.max(from, chords[at]!.from);
        const { root, members } = simplified(chords[at]!.chord).chord;
        const id = `${root.step} ${root.alteration} ${describe(members).triad}`;
        const known = times.get(id);
        times.set(id, { at: known?.at ?? at, time: time + (known?.time ?? 0) });
      }
      const best = [...times.values()].reduce((most, one) => (one.time > most.time ? one : most), {
        at: -1,
        time: 0,
      });
      if (best.at >= 0) spans.push({ from, to, at: best.at });
      from = to;
    }
  }
  return spans;
}

/** A seventh chord as its triad; diminished sevenths and augmented sixths stay, since their triads say less. */
export function simplified(chord: Chord): { readonly chord: Chord; readonly dropped: readonly Member[] } {
  const { seventh, triad } = describe(chord.members);
  const dropped = chord.members.filter(({ degree }) => degree === 7);
  if (
    dropped.length === 0 ||
    seventh === 'diminished' ||
    (triad !== 'major' && triad !== 'minor' && triad !== 'diminished')
  )
    return { chord, dropped: [] };
  const members = chord.members.filter(({ degree }) => degree !== 7);
  const kept = makeChord(chord.root, members);
  const hasBass = stackedNotes(kept).some((note) => sameName(note, chord.bass));
  return { chord: hasBass ? { ...kept, bass: chord.bass } : kept, dropped };
}

function hurtsOf(
  { notes }: ScoreToRead,
  one: ReadChord,
  dropped: readonly Member[],
  leadsToCadence: boolean,
): ChartHurt[] {
  const names = stackedNotes({ ...one.chord, members: dropped });
  const highest = notes
    .filter(({ onset, end }) => onset < one.to && end > one.from)
    .filter((note, _, all) =>
      all.every(
        (other) =>
          other.onset >= note.end ||
          other.end <= note.onset ||
          midiNumber(other.note) <= midiNumber(note.note),
      ),
    );
  const inTune = highest.some(({ note }) => names.some((name) => sameName(name, note)));
  const { triad, seventh } = describe(one.chord.members);
  const dominant = triad === 'major' && seventh === 'minor';
  return [
    ...(inTune ? (['in-tune'] as const) : []),
    ...(dominant && leadsToCadence ? (['cadence'] as const) : []),
  ];
}

function sameSymbol(a: Chord, b: Chord): boolean {
  return (
    sameName(a.root, b.root) &&
    sameName(a.bass, b.bass) &&
    a.members.length === b.members.length &&
    a.members.every(
      ({ degree, alteration }, at) =>
        degree === b.members[at]!.degree && alteration === b.members[at]!.alteration,
    )
  );
}

function raised(name: NoteName, fifths: number): NoteName {
  return fifths === 0 ? name : fromLineOfFifths(lineOfFifths(name) + fifths);
}

/** A chord named for a capo and an instrument, on the other name of its root where that is plainer. */
function moved(chord: Chord, capo: number, fifths: number, plainly: boolean): Chord {
  if (capo === 0 && fifths === 0) return chord;
  const move = (name: NoteName) => raised(nameBelow(name, LETTERS_OF_HALF_STEPS[capo]!), fifths);
  const named = { ...chord, root: move(chord.root), bass: move(chord.bass) };
  return plainly ? respelled(named) : named;
}

/** A chord on the plainer name of its root that sounds the same. */
function respelled(chord: Chord): Chord {
  const by = lineOfFifths(chord.root) > 0 ? -12 : 12;
  const move = (name: NoteName) => fromLineOfFifths(lineOfFifths(name) + by);
  return { ...chord, root: move(chord.root), bass: move(chord.bass) };
}

/** How far down a capo moves names, by its fret. */
const LETTERS_OF_HALF_STEPS = [
  { number: 1, deviation: 0 },
  { number: 2, deviation: -1 },
  { number: 2, deviation: 0 },
  { number: 3, deviation: -1 },
  { number: 3, deviation: 0 },
  { number: 4, deviation: 0 },
  { number: 5, deviation: -1 },
  { number: 5, deviation: 0 },
] as const;
