import { makeChord, stackedNotes, type Chord, type Member } from '../chord/chord';
import { describe } from '../chord/describe';
import { nameBelow } from '../interval/interval';
import { fromLineOfFifths, lineOfFifths, midiNumber, sameName, type NoteName } from '../pitch/note';
import { beatTicks, barTicks } from '../time/metre';
import { withinBar } from './beats';
import type { ChartRate } from './chartRates';
import type { ScoreToRead } from './scoreNote';
import type { ReadChord, ScoreReading } from './scoreReading';

export interface ChartOptions {
  readonly rate: ChartRate;
  /** Sevenths become triads. */
  readonly simple: boolean;
  /** The fret on which a capo sits: the chords are named so many half steps lower. */
  readonly capo: number;
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
 * A chart for accompanists: the chords of a reading, one a chord, beat, half bar or bar (the one that lasts
 * longest in it; on a tie the first), sevenths simplified where that is asked, and named for a capo. What is
 * left out is told, and where that hurts: the note is in the tune, or a dominant leads to a cadence (common
 * practice).
 */
export function chartOf(score: ScoreToRead, reading: ScoreReading, options: ChartOptions): ChartChord[] {
  const spans =
    options.rate === 'chord'
      ? reading.chords.map(({ from, to }, at) => ({ from, to, at }))
      : spansOf(score, reading, options.rate);
  // One spelling for the whole chart, by its first key.
  const tonic = reading.keys[0]
    ? nameBelow(reading.keys[0].key.tonic, LETTERS_OF_HALF_STEPS[options.capo]!)
    : null;
  const plainly = tonic !== null && Math.abs(lineOfFifths(tonic)) > 6;
  const cadences = new Set(reading.cadences.map(({ at }) => at));
  const found: ChartChord[] = [];
  for (const { from, to, at } of spans) {
    const one = reading.chords[at]!;
    const { chord, dropped } = options.simple ? simplified(one.chord) : { chord: one.chord, dropped: [] };
    const named = options.capo === 0 ? chord : lowered(chord, options.capo, plainly);
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
      let best = { at: -1, time: 0 };
      for (let at = first; chords[at] && chords[at]!.from < to; at++) {
        const time = Math.min(to, chords[at]!.to) - Math.max(from, chords[at]!.from);
        if (time > best.time) best = { at, time };
      }
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

/** A chord so many half steps lower, on the other name of its root where that is plainer. */
function lowered(chord: Chord, halfSteps: number, plainly: boolean): Chord {
  const move = (name: NoteName) => nameBelow(name, LETTERS_OF_HALF_STEPS[halfSteps]!);
  const moved = { ...chord, root: move(chord.root), bass: move(chord.bass) };
  return plainly ? respelled(moved) : moved;
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

/** Bars of a chart as text, four to a line: `| G | D7 | Em | G D |`. */
export function chartText(
  { bars }: ScoreToRead,
  chart: readonly ChartChord[],
  print: (chord: Chord) => string,
): string {
  const cells = bars.map(({ from, to }) => {
    const own = chart.filter(({ at }) => at >= from && at < to).map(({ chord }) => print(chord));
    return own.length > 0 ? own.join(' ') : '%';
  });
  const lines: string[] = [];
  for (let at = 0; at < cells.length; at += 4) lines.push(`| ${cells.slice(at, at + 4).join(' | ')} |`);
  return lines.join('\n');
}
