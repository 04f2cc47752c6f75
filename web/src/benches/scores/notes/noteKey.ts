import { fifthsAt } from '@diatonix/engraving/score';
import {
  atPosition,
  nearestWithLetter,
  staffPosition,
  TICKS_A_QUARTER,
  type Note,
  type Score,
} from '@diatonix/core';
import type { Notes } from './useNotes';

const ARROWS = { ArrowLeft: 'before', ArrowRight: 'after', ArrowUp: 'above', ArrowDown: 'below' } as const;
const MIDDLE: Note = { step: 4, alteration: 0, octave: 4 };
/** Lengths that a note is made shorter and longer by, in ticks. */
export const LENGTHS = [4, 3, 2, 1.5, 1, 0.75, 0.5, 0.25].map((quarters) => quarters * TICKS_A_QUARTER);

/** The pitch of the last note before a rest in its voice, near which a letter is put. */
function nearby({ notes }: Score, place: number): Note {
  const { part, voice, onset } = notes[place]!;
  let found = MIDDLE;
  let best = -1;
  for (const one of notes)
    if (one.part === part && one.voice === voice && one.note && one.onset < onset && one.onset > best)
      [found, best] = [one.note, one.onset];
  return found;
}

/** What a key does with the selected note; whether it did anything. */
export function noteKey(key: string, shift: boolean, score: Score, notes: Notes): boolean {
  const one = score.notes[notes.place];
  if (!one) return false;
  const { note, onset, ticks } = one;
  const raise = (by: 1 | -1) => {
    if (note && Math.abs(note.alteration + by) <= 2)
      notes.edit({ kind: 'pitch', note: { ...note, alteration: note.alteration + by } });
  };
  if (key === 'ArrowUp' || key === 'ArrowDown') {
    if (!shift) notes.go(ARROWS[key]);
    else if (note)
      notes.edit({
        kind: 'pitch',
        note: atPosition(staffPosition(note) + (key === 'ArrowUp' ? 1 : -1), fifthsAt(score, onset)),
      });
    return true;
  }
  if (key === 'ArrowLeft' || key === 'ArrowRight') {
    notes.go(ARROWS[key]);
    return true;
  }
  if (/^[a-g]$/i.test(key)) {
    const named = nearestWithLetter(key, note ?? nearby(score, notes.place), fifthsAt(score, onset));
    if (named) notes.edit({ kind: shift ? 'add' : 'pitch', note: named });
    return true;
  }
  switch (key) {
    case '+':
    case '=':
      raise(1);
      return true;
    case '-':
      raise(-1);
      return true;
    case '[':
    case ']':
      if (note)
        notes.edit({ kind: 'pitch', note: { ...note, octave: note.octave + (key === ']' ? 1 : -1) } });
      return true;
    case ',':
    case '.': {
      const way =
        key === '.' ? LENGTHS.filter((one) => one > ticks).at(-1) : LENGTHS.find((one) => one < ticks);
      if (way !== undefined) notes.edit({ kind: 'length', ticks: way });
      return true;
    }
    case 't':
      notes.edit({ kind: 'tie' });
      return true;
    case 'h':
      notes.edit({ kind: 'fermata' });
      return true;
    case 'Delete':
    case 'Backspace':
      notes.edit({ kind: 'remove' });
      return true;
    case ' ':
      notes.hear();
      return true;
    default:
      return false;
  }
}
