import { midiNumber, staffPosition } from '../../pitch/note';
import { TICKS_A_QUARTER } from '../../time/length';
import { barAt } from '../model/beats';
import { stepFrom, type Neighbours } from './melodic';
import type { ScoreBar, ScoreNote } from '../model/scoreNote';

/** A broken chord moves in notes no longer than that, and has so many of them at least. */
const LONGEST = TICKS_A_QUARTER;
const LEAST_NOTES = 4;
/** A low note under chords stands so many letters below them at least. */
const LOW = 2;

/**
 * The notes as they are heard together: those of a broken chord, and the low note before struck chords of the same
 * hand, sound on until the figure begins again, at most to the end of the bar (common practice). The notes keep
 * their places in the list.
 */
export function heardTogether(
  notes: readonly ScoreNote[],
  neighbours: Neighbours,
  bars: readonly ScoreBar[],
): readonly ScoreNote[] {
  const ends = new Map<number, number>();
  const struck = new Map<number, number>();
  for (const { onset } of notes) struck.set(onset, (struck.get(onset) ?? 0) + 1);
  const inRun = new Uint8Array(notes.length);
  const order = notes.map((_, at) => at).sort((a, b) => notes[a]!.onset - notes[b]!.onset);
  order.forEach((first) => {
    const next = neighbours.after[first]!;
    if (inRun[first] || next < 0 || !goesOn(notes, next, first)) return;
    const run = runFrom(notes, first, neighbours);
    for (const one of run.slice(0, -1)) inRun[one] = 1;
    const alone = run.filter((one) => struck.get(notes[one]!.onset) === 1).length;
    const broken = run.length >= LEAST_NOTES && leapsIn(notes, run) * 2 >= run.length;
    if (broken && alone * 2 >= run.length) soundOn(notes, run, bars, ends);
  });
  lowNotes(notes, bars, ends);
  if (ends.size === 0) return notes;
  return notes.map((note, at) => (ends.has(at) ? { ...note, end: Math.max(note.end, ends.get(at)!) } : note));
}

/** Whether a note may go on a figure: as long as the one before it, right after it, at another pitch. */
function goesOn(notes: readonly ScoreNote[], at: number, before: number): boolean {
  if (before < 0) return false;
  const [own, last] = [notes[at]!, notes[before]!];
  const length = own.end - own.onset;
  return (
    length <= LONGEST &&
    last.end === own.onset &&
    last.end - last.onset === length &&
    midiNumber(last.note) !== midiNumber(own.note)
  );
}

/** A figure from its first note on: leaps, and steps only to and from a note between two that are the same. */
function runFrom(notes: readonly ScoreNote[], first: number, { after }: Neighbours): number[] {
  const run = [first];
  for (let at = first, next = after[at]!; next >= 0 && goesOn(notes, next, at); next = after[at]!) {
    const from = run[run.length - 2];
    const beyond = after[next]!;
    const turns = (one: number | undefined, two: number) =>
      one !== undefined && two >= 0 && midiNumber(notes[one]!.note) === midiNumber(notes[two]!.note);
    const leaps = stepFrom(notes[at]!.note, notes[next]!.note) === 0;
    if (!leaps && !turns(from, next) && !turns(at, beyond)) break;
    run.push(next);
    at = next;
  }
  return run;
}

function leapsIn(notes: readonly ScoreNote[], run: readonly number[]): number {
  return run.filter((one, at) => at > 0 && stepFrom(notes[run[at - 1]!]!.note, notes[one]!.note) === 0)
    .length;
}

/** Each note sounds on until one as low comes, or the bar ends. */
function soundOn(
  notes: readonly ScoreNote[],
  run: readonly number[],
  bars: readonly ScoreBar[],
  ends: Map<number, number>,
): void {
  run.forEach((one, place) => {
    const { note, onset, end } = notes[one]!;
    const bar = barAt(bars, onset);
    const last = notes[run[run.length - 1]!]!.end;
    let until = Math.min(bar?.to ?? end, last);
    for (let next = place + 1; next < run.length && notes[run[next]!]!.onset < until; next++) {
      const other = notes[run[next]!]!;
      if (midiNumber(other.note) > midiNumber(note)) continue;
      until = other.onset;
      break;
    }
    if (until > end) ends.set(one, until);
  });
}

/** A single low note of a part, and chords over it in the same voice after it. */
function lowNotes(notes: readonly ScoreNote[], bars: readonly ScoreBar[], ends: Map<number, number>): void {
  const voices = new Map<string, number[]>();
  notes.forEach(({ voice }, at) => {
    const own = voices.get(voice);
    if (own) own.push(at);
    else voices.set(voice, [at]);
  });
  for (const own of voices.values()) {
    const inOrder = struckTogether(notes, own);
    if (inOrder.length === own.length) continue;
    inOrder.forEach((group, at) => {
      if (group.length !== 1) return;
      const [low] = group as [number];
      const bar = barAt(bars, notes[low]!.onset);
      let until = notes[low]!.end;
      for (let place = at + 1; place < inOrder.length; place++) {
        const next = inOrder[place]!;
        const above = next.every(
          (one) => staffPosition(notes[one]!.note) - staffPosition(notes[low]!.note) >= LOW,
        );
        if (next.length < 2 || !above || notes[next[0]!]!.onset !== until) break;
        if (bar && notes[next[0]!]!.onset >= bar.to) break;
        until = Math.max(...next.map((one) => notes[one]!.end));
      }
      if (until > notes[low]!.end) ends.set(low, Math.min(until, bar?.to ?? until));
    });
  }
}

/** The notes of a voice in groups that begin together, in order. */
function struckTogether(notes: readonly ScoreNote[], own: number[]): number[][] {
  const groups: number[][] = [];
  own.sort((a, b) => notes[a]!.onset - notes[b]!.onset);
  for (const at of own) {
    const last = groups[groups.length - 1];
    if (last && notes[last[0]!]!.onset === notes[at]!.onset) last.push(at);
    else groups.push([at]);
  }
  return groups;
}
