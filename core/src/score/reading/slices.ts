import { TheoryError } from '../../errors';
import { midiNumber } from '../../pitch/note';
import { barTicks, beatTicks } from '../../time/metre';
import { withinBar } from '../model/beats';
import type { ScoreBar, ScoreNote, ScoreToRead } from '../model/scoreNote';

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
  const onsets = new Float64Array(notes.map(({ onset }) => onset)).sort();
  const ends = new Float64Array(notes.map(({ end }) => end)).sort();
  let ended = 0;
  onsets.forEach((onset, at) => {
    // What ends at a time has ended before anything begins.
    while (ends[ended]! <= onset) ended++;
    const sounding = at + 1 - ended;
    if (sounding > MOST_AT_ONCE)
      throw new TheoryError(
        'request',
        `${sounding} notes`,
        `more than ${MOST_AT_ONCE} notes sound at once.`,
        'Read a part of the score.',
      );
  });
}

/** The slices of a score, in order; moments of silence are none. Costs notes × log notes + what sounds at once. */
export function slicesOf({ notes, bars }: ScoreToRead): Slice[] {
  const heights = notes.map(({ note }) => midiNumber(note));
  const order = notes.map((_, at) => at).sort((a, b) => notes[a]!.onset - notes[b]!.onset);
  const slices: Slice[] = [];
  let sounding: number[] = [];
  let bar = 0;
  for (let next = 0; next < order.length;) {
    const from = notes[order[next]!]!.onset;
    sounding = sounding.filter((one) => notes[one]!.end > from);
    for (; next < order.length && notes[order[next]!]!.onset === from; next++)
      putByHeight(sounding, order[next]!, heights);
    let to = from;
    for (const one of sounding) to = Math.max(to, notes[one]!.end);
    if (next < order.length) to = Math.min(to, notes[order[next]!]!.onset);
    while (bars[bar + 1] && bars[bar + 1]!.from <= from) bar++;
    slices.push({ from, to, accent: accentAt(from, bars[bar]), sounding: [...sounding] });
  }
  return slices;
}

/** Puts a note among those that are sorted by height, after all that are as high. */
function putByHeight(sounding: number[], one: number, heights: readonly number[]): void {
  let place = sounding.push(one) - 1;
  for (; place > 0 && heights[sounding[place - 1]!]! > heights[one]!; place--)
    sounding[place] = sounding[place - 1]!;
  sounding[place] = one;
}

/** Whether two slices are the same notes at the same time. */
export function sameSlice(a: Slice, b: Slice): boolean {
  return (
    a.from === b.from &&
    a.to === b.to &&
    a.accent === b.accent &&
    a.sounding.length === b.sounding.length &&
    a.sounding.every((one, at) => one === b.sounding[at])
  );
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
