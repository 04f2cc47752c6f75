import { sameNote as samePitch } from '../../pitch/note';
import type { Neighbours } from './melodic';
import type { ScoreNote } from '../model/scoreNote';

/** The notes of a reading as they are heard, and who follows whom. */
export interface HeardNotes {
  readonly notes: readonly ScoreNote[];
  readonly neighbours: Neighbours;
}

/** A time in ticks outside which nothing is other than before. */
export interface EditedRange {
  readonly from: number;
  readonly to: number;
}

const EVERYTHING: EditedRange = { from: -Infinity, to: Infinity };
/** What a note is outside its chord depends on so many notes before it and after it in its voice. */
const AROUND = 3;

/**
 * The time in which notes are other than in the reading before, with that of the notes which lead there. Where there
 * are more or fewer notes their places have moved: then it is all of it.
 */
export function editedRange(before: HeardNotes | null, now: HeardNotes): EditedRange {
  if (before?.notes.length !== now.notes.length) return EVERYTHING;
  let [from, to] = [Infinity, -Infinity];
  const touch = ({ notes, neighbours }: HeardNotes, at: number) => {
    const reach = (one: number) => {
      from = Math.min(from, notes[one]!.onset);
      to = Math.max(to, notes[one]!.end);
    };
    reach(at);
    for (const way of [neighbours.before, neighbours.after])
      for (let one = way[at]!, far = 0; one >= 0 && far < AROUND; one = way[one]!, far++) reach(one);
  };
  for (let at = 0; at < now.notes.length; at++) {
    if (sameNote(before.notes[at]!, now.notes[at]!) && sameNeighbours(before, now, at)) continue;
    touch(before, at);
    touch(now, at);
  }
  return { from, to };
}

function sameNote(a: ScoreNote, b: ScoreNote): boolean {
  if (a === b) return true;
  const same = a.onset === b.onset && a.end === b.end && a.part === b.part && a.voice === b.voice;
  return same && samePitch(a.note, b.note);
}

function sameNeighbours({ neighbours: a }: HeardNotes, { neighbours: b }: HeardNotes, at: number): boolean {
  return a.before[at] === b.before[at] && a.after[at] === b.after[at];
}

/** Whether a time lies outside what was touched. */
export function isOutside({ from, to }: EditedRange, begins: number, ends: number): boolean {
  return ends <= from || begins >= to;
}
