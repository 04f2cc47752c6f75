import { nearestWithLetter, printedFifths, type Key, type Note } from '@diatonix/core';
import { useCallback, useState } from 'react';
import type { NoteManner } from './NotePanel';

/** Notes gathered by hand until they are something. */
export interface Gathering {
  readonly gathered: readonly Note[];
  /** The notes with this one: joined to the others, or alone after a fresh strike. */
  readonly with: (note: Note, manner: NoteManner) => readonly Note[];
  readonly set: (notes: readonly Note[]) => void;
  readonly clear: () => void;
  /** The note of a letter key, near the last one, as the signature has it; null for another key. */
  readonly ofLetter: (key: string) => Note | null;
}

const MIDDLE: Note = { step: 4, alteration: 0, octave: 4 };

export function useGathering(keyOf: Key): Gathering {
  const [gathered, set] = useState<readonly Note[]>([]);
  const clear = useCallback(() => set([]), []);
  return {
    gathered,
    with: (note, manner) => (manner === 'fresh' ? [note] : [...gathered, note]),
    set,
    clear,
    ofLetter: (key) => nearestWithLetter(key, gathered[gathered.length - 1] ?? MIDDLE, printedFifths(keyOf)),
  };
}
