import { midiNumber, type Note } from '../../pitch/note';
import type { ScoreNote } from '../model/scoreNote';

/** How far a part goes: its lowest and highest note, and when each is first heard, in ticks. */
export interface PartRange {
  readonly part: number;
  readonly lowest: { readonly note: Note; readonly at: number };
  readonly highest: { readonly note: Note; readonly at: number };
}

/** The compass of every part that sounds, in the order of the parts. */
export function rangeOf(notes: readonly ScoreNote[]): PartRange[] {
  const found = new Map<number, PartRange>();
  for (const { part, note, onset } of [...notes].sort((a, b) => a.onset - b.onset)) {
    const one = { note, at: onset };
    const known = found.get(part);
    if (!known) found.set(part, { part, lowest: one, highest: one });
    else if (midiNumber(note) < midiNumber(known.lowest.note)) found.set(part, { ...known, lowest: one });
    else if (midiNumber(note) > midiNumber(known.highest.note)) found.set(part, { ...known, highest: one });
  }
  return [...found.values()].sort((a, b) => a.part - b.part);
}
