import type { WrittenNote } from './score';

/** A voice of a score: its part, counted from 0, the staff it stands on, counted from 1, and its name there. */
export interface VoicePlace {
  readonly part: number;
  readonly staff: number;
  readonly voice: string;
}

export function sameVoice(a: VoicePlace, b: VoicePlace): boolean {
  return a.part === b.part && a.voice === b.voice;
}

/** Whether it takes time of its voice. */
export const takesTime = ({ kind }: WrittenNote) => kind === 'note' || kind === 'rest';

/** Places of the notes that are struck together with one in its voice. */
export function chordOf(notes: readonly WrittenNote[], place: number): number[] {
  const one = notes[place]!;
  return notes.flatMap((other, at) =>
    takesTime(other) && sameVoice(other, one) && other.onset === one.onset ? [at] : [],
  );
}
