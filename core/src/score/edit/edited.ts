import { TheoryError } from '../../errors';
import type { Score, WrittenNote } from '../model/score';
import { sameVoice, type VoicePlace } from '../model/voicePlace';

/** A score after an edit, and where the note stands in it, or what took its place. */
export interface EditedScore {
  readonly score: Score;
  readonly place: number;
}

export function withNotes(score: Score, notes: readonly WrittenNote[], place: number): EditedScore {
  return { score: { ...score, notes }, place };
}

/** The notes in their order again: parts, then times; and where one of them stands. */
export function placed(score: Score, notes: readonly WrittenNote[], one: WrittenNote): EditedScore {
  const order = notes.map((note, at) => ({ note, at }));
  order.sort((a, b) => a.note.part - b.note.part || a.note.onset - b.note.onset || a.at - b.at);
  const sorted = order.map(({ note }) => note);
  const found = sorted.indexOf(one);
  const place =
    found >= 0 ? found : sorted.findIndex((other) => sameVoice(other, one) && other.onset === one.onset);
  return withNotes(score, sorted, Math.max(0, place));
}

export function rest({ part, staff, voice }: VoicePlace, from: number, to: number): WrittenNote {
  return { part, staff, voice, onset: from, ticks: to - from, note: null, kind: 'rest' };
}

/** An edit that cannot be. */
export function wrong(read: string, what: string, right: string): TheoryError {
  return new TheoryError('request', read, what, right);
}
