import {
  closeVoicings,
  TICKS_A_QUARTER,
  type Chord,
  playedBars,
  type ChartChord,
  type Note,
  type Score,
  type ScoreReading,
  type ScoreToRead,
} from '@diatonix/core';
import { perform, type Sounding } from '../../sound/player';

/** What can be heard besides single parts. */
export const HEARD = ['piece', 'chords', 'both', 'chart', 'against'] as const;

/** What is played: notes with their times in ticks. */
interface Played {
  readonly note: Note;
  readonly onset: number;
  readonly end: number;
}

interface Material {
  readonly score: ScoreToRead;
  readonly reading: ScoreReading;
  /** The chart as it sounds; null where none is shown. */
  readonly chart: readonly ChartChord[] | null;
}

interface Span {
  readonly from: number;
  readonly to: number;
}

/** Chords in a plain setting for two hands, each for its own time. */
function setChords(chords: readonly (Span & { readonly chord: Chord })[]): Played[] {
  return closeVoicings(chords.map(({ chord }) => chord)).flatMap(({ lower, upper }, at) =>
    [...lower, ...upper].map((note) => ({ note, onset: chords[at]!.from, end: chords[at]!.to })),
  );
}

/** The notes of what is to be heard: the piece, its chords, its chart, one part, or two of them together. */
export function playedNotes(heard: string, { score, reading, chart }: Material): readonly Played[] {
  const chords = () => setChords(reading.chords);
  const charted = () => setChords((chart ?? []).map(({ at, to, chord }) => ({ from: at, to, chord })));
  const part = /^part (\d+)$/.exec(heard);
  if (part) return score.notes.filter((one) => one.part === Number(part[1]));
  switch (heard) {
    case 'chords':
      return chords();
    case 'both':
      return [...score.notes, ...chords()];
    case 'chart':
      return charted();
    case 'against':
      return [...score.notes, ...charted()];
    default:
      return score.notes;
  }
}

/** Notes within a time as they sound, chord by chord of the reading, at a tempo in quarters a minute. */
export function soundings(
  notes: readonly Played[],
  { chords }: ScoreReading,
  { from, to }: Span,
  tempo: number,
): Sounding[] {
  const seconds = (ticks: number) => (ticks / TICKS_A_QUARTER) * (60 / tempo);
  const order = [...notes].sort((a, b) => a.onset - b.onset);
  let next = 0;
  return chords.flatMap((chord, column): Sounding[] => {
    // What sounds before the first chord, and where none is meant, belongs to the chord before it.
    const begin = Math.max(from, column === 0 ? 0 : chord.from);
    const end = Math.min(to, chords[column + 1]?.from ?? Infinity);
    if (begin >= end) return [];
    const own: { note: Note; from: number; to: number }[] = [];
    while (next < order.length && order[next]!.onset < end) {
      const one = order[next++]!;
      // What is held from before sounds from the beginning on, and what is held on ends with the time.
      if (one.end <= begin || (one.onset < begin && begin > from)) continue;
      const onset = Math.max(one.onset, begin) - begin;
      own.push({ note: one.note, from: seconds(onset), to: seconds(Math.min(one.end, to) - begin) });
    }
    return [{ column, seconds: seconds(end - begin), notes: own }];
  });
}

/** The times that are played from one on to the end, with repeats and jumps as they stand; neighbours are one. */
export function spansFrom(score: Score, time: number): Span[] {
  const order = playedBars(score);
  const first = order.findIndex((bar) => time < score.bars[bar]!.to);
  const spans: Span[] = [];
  for (const bar of order.slice(Math.max(0, first))) {
    const { from, to } = score.bars[bar]!;
    const last = spans[spans.length - 1];
    if (last?.to === from) spans[spans.length - 1] = { from: last.from, to };
    else spans.push({ from: spans.length === 0 ? Math.max(from, time) : from, to });
  }
  return spans;
}

/** Plays times of what is to be heard, one after the other, once or again and again. */
export function listen(
  heard: string,
  material: Material,
  spans: readonly Span[],
  tempo: number,
  loop: boolean,
): void {
  const notes = playedNotes(heard, material);
  void perform([spans.flatMap((span) => soundings(notes, material.reading, span, tempo))], { loop });
}
