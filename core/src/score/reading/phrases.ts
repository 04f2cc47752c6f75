import { midiNumber } from '../../pitch/note';
import { barTicks, beatTicks } from '../../time/metre';
import type { ScoreNote, ScoreToRead } from '../model/scoreNote';

/** The end of a phrase: its time in ticks, and what shows it. */
export interface PhraseEnd {
  readonly at: number;
  readonly sign: 'fermata' | 'break' | 'rest' | 'long-note' | 'end' | 'marked';
}

/** A long note shows the end of a phrase only so many bars after the last one. */
const BARS_APART = 2;
/** Further fermatas are no sign of anything. */
const MOST_FERMATAS = 2000;
/** So much of a bar. */
const LONG = 0.75;

/**
 * Where phrases end, in order: after fermatas, at double bars and repeats, in rests of the upper part; in a piece
 * without fermatas also after long notes of it (common practice). The end of the piece is one.
 */
export function phraseEndsOf(score: ScoreToRead): PhraseEnd[] {
  const { notes, fermatas, breaks = [] } = score;
  const last = notes.reduce((end, note) => Math.max(end, note.end), 0);
  const found = new Map<number, PhraseEnd>();
  const add = (at: number, sign: PhraseEnd['sign']) => {
    if (at > 0 && at < last && !found.has(at)) found.set(at, { at, sign });
  };
  for (const at of endsOfFermatas(inOrder(fermatas), notes)) add(at, 'fermata');
  for (const at of breaks) add(at, 'break');
  if (fermatas.length === 0) for (const { at, sign } of breathsOf(score)) add(at, sign);
  return [...[...found.values()].sort((a, b) => a.at - b.at), { at: last, sign: 'end' }];
}

function inOrder(fermatas: readonly number[]): number[] {
  return fermatas.slice(0, MOST_FERMATAS).sort((a, b) => a - b);
}

/** A fermata, of some in order, holds the highest note at its time, and without notes nothing. */
function endsOfFermatas(fermatas: readonly number[], notes: readonly ScoreNote[]): number[] {
  const highest: (ScoreNote | undefined)[] = [];
  for (const note of notes) {
    let at = firstFrom(fermatas, note.onset);
    for (; at < fermatas.length && fermatas[at]! < note.end; at++) {
      const known = highest[at];
      if (!known || midiNumber(note.note) > midiNumber(known.note)) highest[at] = note;
    }
  }
  return fermatas.map((time, at) => highest[at]?.end ?? time);
}

/** The place of the first time that is not before another. */
function firstFrom(times: readonly number[], from: number): number {
  let [low, high] = [0, times.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (times[middle]! < from) low = middle + 1;
    else high = middle;
  }
  return low;
}

/** Rests and long notes of the upper part. */
function breathsOf({ notes, bars }: ScoreToRead): PhraseEnd[] {
  const upper = upperLine(notes);
  const metre = bars.find(({ number }) => number > 0)?.metre ?? bars[0]?.metre;
  if (upper.length < 8 || !metre) return [];
  const [bar, beat] = [barTicks(metre), beatTicks(metre)];
  const lengths = upper.map(({ onset, end }) => end - onset).sort((a, b) => a - b);
  const usual = lengths[lengths.length >> 1]!;
  const found: PhraseEnd[] = [];
  let last = 0;
  upper.forEach(({ onset, end }, place) => {
    const next = upper[place + 1];
    if (!next) return;
    const rest = next.onset - end;
    const long = end - onset >= Math.max(2 * usual, LONG * bar);
    const far = end - last >= BARS_APART * bar;
    if (far && rest >= beat) found.push({ at: next.onset, sign: 'rest' });
    else if (far && long) found.push({ at: next.onset, sign: 'long-note' });
    else return;
    last = next.onset;
  });
  return found;
}

/** The highest notes of the uppermost part, one after the other. */
function upperLine(notes: readonly ScoreNote[]): ScoreNote[] {
  const part = notes.reduce((least, note) => Math.min(least, note.part), Infinity);
  const line: ScoreNote[] = [];
  const own = notes.filter((note) => note.part === part);
  own.sort((a, b) => a.onset - b.onset || midiNumber(b.note) - midiNumber(a.note));
  for (const note of own) {
    const last = line[line.length - 1];
    if (!last || note.onset >= last.end) line.push(note);
  }
  return line;
}
