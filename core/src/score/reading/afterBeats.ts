import { midiNumber, sameName, staffPosition, type Note } from '../../pitch/note';
import { barAt } from '../model/beats';
import { areOneChord } from './oneChord';
import type { HeardGroup, StruckTogether } from './heardTogether';
import type { ScoreBar, ScoreNote } from '../model/scoreNote';

/** A low note under chords stands so many letters below them at least. */
const LOW = 2;
const FIFTH = 7;

/** A low note and the chords after it, which end before the next low note. */
interface Bass {
  readonly low: number;
  readonly chords: readonly number[];
  readonly from: number;
  readonly to: number;
}

/**
 * A single low note, and chords over it in the same voice after it: marches, waltzes, stride (common practice). The
 * low note sounds on and the chords sound from it on. Where the bass goes to the fifth of the same chord and back, the
 * first low note stays the bass.
 */
export function afterBeats(
  notes: readonly ScoreNote[],
  struck: readonly StruckTogether[],
  bars: readonly ScoreBar[],
  heard: Map<number, HeardGroup>,
): void {
  let bass: Bass | null = null;
  let before: Bass | null = null;
  for (let at = 0; at < struck.length; at++) {
    const found = bassAt(notes, struck, at, bars);
    if (!found) continue;
    const isTurn: boolean = bass !== null && before?.to === found.from && isFifthOf(notes, bass, found, bars);
    if (!isTurn) bass = found;
    before = found;
    const { from, to } = found;
    for (const one of found.chords)
      heard.set(one, { inFigure: true, onset: from, end: Math.max(notes[one]!.end, to) });
    const note = notes[found.low]!.note;
    if (isTurn)
      heard.set(found.low, {
        inFigure: true,
        onset: from,
        end: to,
        note: over(note, notes[bass!.low]!.note),
      });
    else heard.set(found.low, { inFigure: true, onset: from, end: to });
    if (isTurn) soundOn(bass!, to, heard);
  }
}

/** The low note at a place with its chords; null where there is none. */
function bassAt(
  notes: readonly ScoreNote[],
  struck: readonly StruckTogether[],
  at: number,
  bars: readonly ScoreBar[],
): Bass | null {
  const { onset, end, notes: group } = struck[at]!;
  if (group.length !== 1) return null;
  const [low] = group as [number];
  const bar = barAt(bars, onset);
  const names = [notes[low]!.note];
  const chords: number[] = [];
  let to = end;
  for (const next of struck.slice(at + 1, at + 1 + MOST_CHORDS)) {
    const own = next.notes.map((one) => notes[one]!.note);
    const isOver = own.every((note) => staffPosition(note) - staffPosition(notes[low]!.note) >= LOW);
    if (own.length < 2 || !isOver || next.onset !== to || (bar && next.onset >= bar.to)) break;
    if (!areOneChord([...names, ...own])) break;
    names.push(...own);
    chords.push(...next.notes);
    to = next.end;
  }
  return chords.length === 0 ? null : { low, chords, from: onset, to: bar ? Math.min(to, bar.to) : to };
}

const MOST_CHORDS = 16;

/** Whether a low note is the fifth of the chord that stands on the one before, under the same chord. */
function isFifthOf(notes: readonly ScoreNote[], bass: Bass, next: Bass, bars: readonly ScoreBar[]): boolean {
  const [root, fifth] = [notes[bass.low]!.note, notes[next.low]!.note];
  if ((midiNumber(fifth) - midiNumber(root) + 120) % 12 !== FIFTH) return false;
  // The next bar may go on with the fifth; after that a chord stands for itself.
  const [first, second] = [barAt(bars, bass.from), barAt(bars, next.from)];
  if (first && second && second.number - first.number > 1) return false;
  const [own, others] = [bass, next].map(({ chords }) => chords.map((one) => notes[one]!.note)) as [
    Note[],
    Note[],
  ];
  const within = (some: readonly Note[], all: readonly Note[]) =>
    some.every((note) => all.some((one) => sameName(one, note)));
  return within(own, others) && within(others, own);
}

/** The note so many octaves higher that it lies over another. */
function over(note: Note, other: Note): Note {
  let raised = note;
  while (midiNumber(raised) <= midiNumber(other)) raised = { ...raised, octave: raised.octave + 1 };
  return raised;
}

function soundOn({ low }: Bass, to: number, heard: Map<number, HeardGroup>): void {
  heard.set(low, { ...heard.get(low)!, end: to });
}
