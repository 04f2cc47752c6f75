import { TheoryError } from '../errors';
import { midiNumber } from '../pitch/note';
import { barTicks, beatTicks } from '../time/metre';
import { withinBar } from './beats';
import type { ScoreBar, ScoreNote, ScoreToRead } from './scoreNote';

/** What sounds between one onset and the next. */
export interface Slice {
  readonly from: number;
  readonly to: number;
  /** How strong its beginning is in its bar: 4 the downbeat, 3 the half bar, 2 a beat, 1 half a beat, 0 less. */
  readonly accent: number;
  /** Sounding notes as places in the list of notes, the lowest first. */
  readonly sounding: readonly number[];
}

/** More notes do not sound at once in any score that is read. */
const MOST_AT_ONCE = 200;

/** Refuses a score in which more notes sound at once than anybody reads. Throws TheoryError `request`. */
export function checkDensity(notes: readonly ScoreNote[]): void {
  const events = notes.flatMap(({ onset, end }) => [[onset, 1] as const, [end, -1] as const]);
  // What ends at a time has ended before anything begins.
  events.sort((a, b) => a[0] - b[0] || a[1] - b[1]);
  let sounding = 0;
  for (const [, change] of events) {
    sounding += change;
    if (sounding > MOST_AT_ONCE)
      throw new TheoryError(
        'request',
        `${sounding} notes`,
        `more than ${MOST_AT_ONCE} notes sound at once.`,
        'Read a part of the score.',
      );
  }
}

/** The slices of a score, in order; moments of silence are none. Costs notes × log notes + what sounds at once. */
export function slicesOf({ notes, bars }: ScoreToRead): Slice[] {
  const order = notes.map((_, at) => at).sort((a, b) => notes[a]!.onset - notes[b]!.onset);
  const times = [...new Set(notes.flatMap(({ onset }) => [onset]))].sort((a, b) => a - b);
  const slices: Slice[] = [];
  let next = 0;
  let sounding: number[] = [];
  let bar = 0;
  times.forEach((from, at) => {
    sounding = sounding.filter((one) => notes[one]!.end > from);
    while (next < order.length && notes[order[next]!]!.onset === from) sounding.push(order[next++]!);
    const longest = sounding.reduce((end, one) => Math.max(end, notes[one]!.end), from);
    const to = Math.min(times[at + 1] ?? Infinity, longest);
    while (bars[bar + 1] && bars[bar + 1]!.from <= from) bar++;
    slices.push({
      from,
      to,
      accent: accentAt(from, bars[bar]),
      sounding: [...sounding].sort((a, b) => heightOf(notes[a]!) - heightOf(notes[b]!)),
    });
  });
  return slices;
}

function heightOf({ note }: ScoreNote): number {
  return midiNumber(note);
}

/** How strong a time is in its bar; 0 outside all bars. */
export function accentAt(time: number, bar: ScoreBar | undefined): number {
  if (!bar) return 0;
  const [whole, beat] = [barTicks(bar.metre), beatTicks(bar.metre)];
  const within = withinBar(time, bar);
  if (within === 0) return 4;
  const beats = whole / beat;
  if (within % beat === 0) return beats % 2 === 0 && within * 2 === whole && beats > 2 ? 3 : 2;
  return (within * 2) % beat === 0 ? 1 : 0;
}
