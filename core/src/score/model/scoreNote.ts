import type { Chord } from '../../chord/chord';
import type { Note } from '../../pitch/note';
import type { Metre } from '../../time/metre';

/** A sounding note of a score; tied notes are one. Times in ticks from the beginning of the score. */
export interface ScoreNote {
  readonly onset: number;
  readonly end: number;
  readonly note: Note;
  /** The part it belongs to, counted from 0 downward on the page. */
  readonly part: number;
  /** The voice within the score in which it moves, known by any text: notes of one voice follow each other. */
  readonly voice: string;
  /** Set by the reading where the note is one of a broken chord: its line leaps about in the chord. */
  readonly inFigure?: boolean;
  /** Set by the reading where the note is held, or struck again at once, while bars go by. */
  readonly inPedal?: boolean;
}

/** A bar as it stands: its number as printed, and its times in ticks. An upbeat counts as the end of a bar. */
export interface ScoreBar {
  readonly number: number;
  readonly from: number;
  readonly to: number;
  readonly metre: Metre;
  /** Of a bar that a repeat or a double bar cuts in two: how much of it stands before, in ticks. */
  readonly gone?: number;
}

/** What the reading of a score goes by. */
export interface ScoreToRead {
  readonly notes: readonly ScoreNote[];
  readonly bars: readonly ScoreBar[];
  /** Signatures by the time they begin, the first at 0: sharps (positive) or flats. */
  readonly signatures: readonly { readonly at: number; readonly fifths: number }[];
  /** Times of fermatas: the onsets of the notes that carry them. */
  readonly fermatas: readonly number[];
  /** Times at which phrases end for another reason: double bars, repeats, rests of all parts. */
  readonly breaks?: readonly number[];
  /** Chord symbols over the score: from two on they are its chords. */
  readonly symbols?: readonly ScoreSymbol[];
  /** Times from which on no chord is meant (N.C.), until the next symbol. */
  readonly noChord?: readonly number[];
}

/** A chord symbol that stands over a score, from its time in ticks on. */
export interface ScoreSymbol {
  readonly at: number;
  readonly chord: Chord;
}
