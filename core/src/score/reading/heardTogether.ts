import { midiNumber, type Note } from '../../pitch/note';
import { afterBeats } from './afterBeats';
import { brokenChords } from './brokenChords';
import { notesByVoice } from './melodic';
import type { ScoreBar, ScoreNote } from '../model/scoreNote';

/** How a note is heard where that is not as it is written. */
export interface HeardGroup {
  readonly onset: number;
  readonly end: number;
  /** Another octave of the note, where it is no bass of its own. */
  readonly note?: Note;
  readonly inFigure: true;
}

/** The notes of a voice that begin together, as places in the list of notes. */
export interface StruckTogether {
  readonly onset: number;
  readonly end: number;
  readonly notes: readonly number[];
}

/**
 * The notes as they are heard together: those of a broken chord, and a low note with the chords struck after it in the
 * same voice, as if the whole chord were struck with its first note and held (common practice). The notes keep their
 * places in the list.
 */
export function heardTogether(notes: readonly ScoreNote[], bars: readonly ScoreBar[]): readonly ScoreNote[] {
  const heard = new Map<number, HeardGroup>();
  const struckAt = new Map<number, number>();
  for (const { onset } of notes) struckAt.set(onset, (struckAt.get(onset) ?? 0) + 1);
  for (const voice of notesByVoice(notes)) {
    const struck = struckTogether(notes, voice);
    brokenChords(notes, struck, bars, struckAt, heard);
    afterBeats(notes, struck, bars, heard);
  }
  if (heard.size === 0) return notes;
  return notes.map((note, at) => ({ ...note, ...heard.get(at) }));
}

/** The notes of a voice in groups that begin together, in order. */
function struckTogether(notes: readonly ScoreNote[], own: number[]): StruckTogether[] {
  const groups: { onset: number; end: number; notes: number[] }[] = [];
  own.sort(
    (a, b) => notes[a]!.onset - notes[b]!.onset || midiNumber(notes[a]!.note) - midiNumber(notes[b]!.note),
  );
  for (const at of own) {
    const last = groups[groups.length - 1];
    const { onset, end } = notes[at]!;
    if (last?.onset === onset) {
      last.notes.push(at);
      last.end = Math.max(last.end, end);
    } else groups.push({ onset, end, notes: [at] });
  }
  return groups;
}
