import type { TimedNotes } from '@diatonix/core';

/** What is heard in time: what gives the key, and then the question. */
export interface Timed {
  readonly before: readonly TimedNotes[];
  readonly sound: readonly TimedNotes[];
}

/** Ways of hearing a question: with its key before it, alone, slower, broken, or one voice of it. */
const HEARINGS = [
  { id: 'whole', name: 'Hear' },
  { id: 'alone', name: 'Without the key' },
  { id: 'slower', name: 'Slower' },
  { id: 'broken', name: 'Note by note' },
  { id: 'top', name: 'Top' },
  { id: 'bass', name: 'Bass' },
] as const;
export type Hearing = (typeof HEARINGS)[number]['id'];

/** The ways in which a question can be heard: what has no key or one note at a time needs fewer. */
export function hearingsOf({ before, sound }: Timed): readonly (typeof HEARINGS)[number][] {
  const isChords = sound.some(({ notes }) => notes.length > 1);
  return HEARINGS.filter(({ id }) =>
    id === 'alone' ? before.length > 0 : id === 'broken' || id === 'top' || id === 'bass' ? isChords : true,
  );
}
