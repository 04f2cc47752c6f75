import { midiNumber } from '../pitch/note';
import { barTicks, beatTicks } from '../time/metre';
import type { ScoreNote, ScoreToRead } from './scoreNote';

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
  for (const at of fermatas.slice(0, MOST_FERMATAS)) add(endOfFermata(at, notes), 'fermata');
  for (const at of breaks) add(at, 'break');
  if (fermatas.length === 0) for (const { at, sign } of breathsOf(score)) add(at, sign);
  return [...[...found.values()].sort((a, b) => a.at - b.at), { at: last, sign: 'end' }];
}

/** A fermata holds the highest note at its time. */
function endOfFermata(at: number, notes: readonly ScoreNote[]): number {
  let highest: ScoreNote | null = null;
  for (const note of notes)
    if (note.onset <= at && note.end > at && (!highest || midiNumber(note.note) > midiNumber(highest.note)))
      highest = note;
  return highest?.end ?? at;
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
