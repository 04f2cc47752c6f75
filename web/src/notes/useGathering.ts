import {
  midiNumber,
  nearestWithLetter,
  printedFifths,
  spellChordInKey,
  type Key,
  type Note,
} from '@diatonix/core';
import { useCallback, useRef, useState } from 'react';
import type { NoteManner } from './NotePanel';

/** Notes gathered by hand until they are something. */
export interface Gathering {
  readonly gathered: readonly Note[];
  /** The notes as they are this moment: two keys may be struck before the page is drawn again. */
  readonly now: () => readonly Note[];
  readonly set: (notes: readonly Note[]) => void;
  readonly clear: () => void;
  /** The note of a letter key, near the last one, as the signature has it; null for another key. */
  readonly ofLetter: (key: string) => Note | null;
}

const MIDDLE: Note = { step: 4, alteration: 0, octave: 4 };

export function useGathering(keyOf: Key): Gathering {
  const [gathered, setGathered] = useState<readonly Note[]>([]);
  const latest = useRef<readonly Note[]>([]);
  const set = useCallback((notes: readonly Note[]) => {
    latest.current = notes;
    setGathered(notes);
  }, []);
  const clear = useCallback(() => set([]), [set]);
  return {
    gathered,
    now: () => latest.current,
    set,
    clear,
    ofLetter: (key) =>
      nearestWithLetter(key, latest.current[latest.current.length - 1] ?? MIDDLE, printedFifths(keyOf)),
  };
}

/**
 * The notes of a chord after one more: a fresh strike begins anew, a key struck
 * again is taken away. Keys of a keyboard are spelled together in the key;
 * written notes keep their names.
 */
export function toggled(notes: readonly Note[], note: Note, manner: NoteManner, keyOf: Key): readonly Note[] {
  if (manner === 'fresh') return [note];
  const without = notes.filter((other) => midiNumber(other) !== midiNumber(note));
  const next = without.length < notes.length ? without : [...notes, note];
  return manner === 'written' ? next : spellChordInKey(next.map(midiNumber), keyOf);
}
