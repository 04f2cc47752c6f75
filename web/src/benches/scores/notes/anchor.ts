import type { Score, WrittenNote } from '@diatonix/core';

/** A selected note, known by its voice and time: so that it is found again after an edit, an undo, another tab. */
export interface Anchor {
  readonly part: number;
  readonly voice: string;
  readonly onset: number;
  /** Which of the notes struck together it is, in the order of the score. */
  readonly rank: number;
}

export function anchorOf(notes: readonly WrittenNote[], place: number): Anchor | null {
  const one = notes[place];
  if (!one) return null;
  const { part, voice, onset } = one;
  let rank = 0;
  for (let at = 0; at < place; at++) if (isAt(notes[at]!, one)) rank++;
  return { part, voice, onset, rank };
}

function isAt(note: WrittenNote, { part, voice, onset }: Omit<Anchor, 'rank'>): boolean {
  return note.part === part && note.voice === voice && note.onset === onset;
}

/** Where the note stands now; where it is gone, the one before it in its voice; −1 where the voice is gone. */
export function placeOf({ notes }: Score, anchor: Anchor | null): number {
  if (!anchor) return -1;
  const own = notes.flatMap((note, at) => (isAt(note, anchor) ? [at] : []));
  const found = own[Math.min(anchor.rank, own.length - 1)];
  if (found !== undefined) return found;
  return notes.reduce(
    (best, { part, voice, onset }, at) =>
      part === anchor.part &&
      voice === anchor.voice &&
      onset < anchor.onset &&
      (best < 0 || onset > notes[best]!.onset)
        ? at
        : best,
    -1,
  );
}

/** The first note of the uppermost part that sounds at a time. */
export function firstAt({ notes }: Score, time: number): number {
  return notes.findIndex(
    ({ onset, ticks, kind }) => kind === 'note' && onset <= time && onset + ticks > time,
  );
}
