import { midiNumber, sameName, staffPosition, type Note } from '../../pitch/note';
import { TICKS_A_QUARTER } from '../../time/length';
import { barTicks, beatTicks } from '../../time/metre';
import { barAt, withinBar } from '../model/beats';
import { stepFrom } from './melodic';
import { areOneChord } from './oneChord';
import type { HeardGroup, StruckTogether } from './heardTogether';
import type { ScoreBar, ScoreNote } from '../model/scoreNote';

/** A broken chord moves in notes no longer than that. */
const LONGEST = TICKS_A_QUARTER;
/** So many notes make a figure of their own; half of one that was cut in two may have two. */
const LEAST_NOTES = 3;
const LEAST_IN_HALF = 2;

/** A figure: places in the list of notes, one after the other, and the time that it fills. */
interface Figure {
  readonly notes: readonly number[];
  readonly from: number;
  readonly to: number;
}

/**
 * Broken chords of a voice: notes of one length, within a beat or two, that leap about in one chord. All of them sound
 * from the first to the end of the figure; its lowest goes on under a next one that rises from it in the same chord.
 */
export function brokenChords(
  notes: readonly ScoreNote[],
  struck: readonly StruckTogether[],
  bars: readonly ScoreBar[],
  struckAt: ReadonlyMap<number, number>,
  heard: Map<number, HeardGroup>,
): void {
  const figures = runsOf(struck).flatMap((run) =>
    cellsOf(notes, run, bars)
      .filter((cell) => isAlone(notes, cell, struckAt))
      .flatMap((cell) => figuresIn(notes, cell, LEAST_NOTES)),
  );
  for (const { notes: own, from, to } of joined(notes, figures, bars))
    for (const one of own) heard.set(one, { inFigure: true, onset: from, end: to });
}

/** The figures, with those that rise from the one before joined to it. */
function joined(
  notes: readonly ScoreNote[],
  figures: readonly Figure[],
  bars: readonly ScoreBar[],
): Figure[] {
  const all: { figure: Figure; last: Figure }[] = [];
  for (const next of figures) {
    const before = all[all.length - 1];
    if (before && risesOn(notes, before.figure, before.last, next, bars)) {
      const { notes: own, from } = before.figure;
      all[all.length - 1] = { figure: { notes: [...own, ...next.notes], from, to: next.to }, last: next };
    } else all.push({ figure: next, last: next });
  }
  return all.map(({ figure }) => figure);
}

/** Single notes of one length that follow each other without a gap. */
function runsOf(struck: readonly StruckTogether[]): number[][] {
  const runs: number[][] = [];
  let before: StruckTogether | undefined;
  for (const group of struck) {
    const length = group.end - group.onset;
    const isOne = group.notes.length === 1 && length <= LONGEST;
    const goesOn =
      before?.notes.length === 1 && before.end === group.onset && before.end - before.onset === length;
    if (isOne && goesOn && runs.length > 0) runs[runs.length - 1]!.push(group.notes[0]!);
    else if (isOne) runs.push([group.notes[0]!]);
    before = isOne ? group : undefined;
  }
  return runs.filter((run) => run.length >= LEAST_NOTES);
}

/**
 * Whether the notes after the first have at most one other struck with them, a tune's: where more voices move, each has
 * its own line, and so it has where two move in quarters.
 */
function isAlone(
  notes: readonly ScoreNote[],
  cell: readonly number[],
  struckAt: ReadonlyMap<number, number>,
): boolean {
  return cell.slice(1).every((one) => {
    const { onset, end } = notes[one]!;
    return struckAt.get(onset)! <= (end - onset < LONGEST ? 2 : 1);
  });
}

/** A run cut at its beats, or where a beat has less than three notes, at half bars or bars. */
function cellsOf(notes: readonly ScoreNote[], run: readonly number[], bars: readonly ScoreBar[]): number[][] {
  const cells: number[][] = [];
  let known = '';
  for (const one of run) {
    const { onset, end } = notes[one]!;
    const bar = barAt(bars, onset);
    if (!bar) continue;
    const cell = `${bar.from} ${Math.floor(withinBar(onset, bar) / cellTicks(bar, end - onset))}`;
    if (cell === known) cells[cells.length - 1]!.push(one);
    else cells.push([one]);
    known = cell;
  }
  return cells;
}

function cellTicks({ metre }: ScoreBar, length: number): number {
  const [bar, beat] = [barTicks(metre), beatTicks(metre)];
  if (beat / length >= LEAST_NOTES) return beat;
  const beats = bar / beat;
  const isHalved = beats % 2 === 0 && beats > 2 && (2 * beat) / length >= LEAST_NOTES;
  return isHalved ? 2 * beat : bar;
}

/** The figure that a cell is, or those of its halves. */
function figuresIn(notes: readonly ScoreNote[], cell: readonly number[], least: number): Figure[] {
  if (cell.length < least) return [];
  const own = cell.map((one) => notes[one]!);
  const same = (one: number, other: number) =>
    own[one] && own[other] && midiNumber(own[one].note) === midiNumber(own[other].note);
  // A step there and back, as from the fifth of a dominant seventh to its seventh, is none of a line.
  const steps = own.filter(
    ({ note }, at) =>
      at > 0 && stepFrom(own[at - 1]!.note, note) !== 0 && !same(at - 2, at) && !same(at - 1, at + 1),
  ).length;
  const heights = new Set(own.map(({ note }) => midiNumber(note)));
  const isFigure = heights.size > 1 && steps * 2 < cell.length && !beginsAgain(notes, cell);
  // In quarters a tune may lean on a note a step away: only the notes of a triad are surely one chord.
  const largest = own[0]!.end - own[0]!.onset === LONGEST ? 'triad' : 'seventh';
  if (
    isFigure &&
    areOneChord(
      own.map(({ note }) => note),
      largest,
    )
  )
    return [{ notes: cell, from: own[0]!.onset, to: own[own.length - 1]!.end }];
  if (cell.length < 2 * LEAST_IN_HALF || cell.length % 2 === 1) return [];
  const half = cell.length / 2;
  const halves = [cell.slice(0, half), cell.slice(half)];
  // Of two notes only what leaps up from its bass is a figure; a tune may lean on its second note.
  const isUp = (one: readonly number[]) =>
    staffPosition(notes[one[1]!]!.note) - staffPosition(notes[one[0]!]!.note) > 1;
  if (half === LEAST_IN_HALF && !halves.every(isUp)) return [];
  return halves.flatMap((one) => figuresIn(notes, one, LEAST_IN_HALF));
}

/** Whether the second half of a cell begins on a low note of its own: two chords, or one that is broken twice. */
function beginsAgain(notes: readonly ScoreNote[], cell: readonly number[]): boolean {
  if (cell.length < 2 * LEAST_IN_HALF || cell.length % 2 === 1) return false;
  const height = (one: number) => midiNumber(notes[one]!.note);
  const half = cell.length / 2;
  return height(cell[half]!) <= Math.min(...cell.slice(0, half).map(height));
}

function lowestOf(notes: readonly ScoreNote[], figure: Figure): number {
  return figure.notes.reduce((low, one) =>
    midiNumber(notes[one]!.note) < midiNumber(notes[low]!.note) ? one : low,
  );
}

/** Whether a figure goes on an earlier one upward in its chord, without a bass of its own, in the same bar. */
function risesOn(
  notes: readonly ScoreNote[],
  first: Figure,
  last: Figure,
  next: Figure,
  bars: readonly ScoreBar[],
): boolean {
  if (next.from !== last.to || barAt(bars, first.from) !== barAt(bars, next.from)) return false;
  const height = (one: number) => midiNumber(notes[one]!.note);
  const low = lowestOf(notes, next);
  const opens = low === next.notes[0];
  const top = Math.max(...last.notes.map(height));
  if (height(low) <= height(lowestOf(notes, first)) || (opens && height(low) <= top)) return false;
  if (height(next.notes[0]!) < height(last.notes[last.notes.length - 1]!)) return false;
  const own = first.notes.map((one): Note => notes[one]!.note);
  const others = next.notes.map((one): Note => notes[one]!.note);
  if (opens && isWhole(own)) return others.every((note) => own.some((one) => sameName(one, note)));
  return areOneChord([...own, ...others]);
}

/** Whether notes have three names and more, so that another name makes another chord of them. */
const isWhole = (own: readonly Note[]) =>
  new Set(own.map(({ step, alteration }) => `${step} ${alteration}`)).size > 2;
