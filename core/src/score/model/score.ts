import { perObject } from '../../memo';
import { midiNumber, type Note } from '../../pitch/note';
import type { Ending } from '../../time/bars';
import type { NoteMark } from './noteMarks';
import type { ScoreBar, ScoreNote, ScoreSymbol, ScoreToRead } from './scoreNote';
import type { ScoreSign } from './scoreSign';

export type ClefName = 'treble' | 'bass' | 'alto' | 'tenor' | 'treble-8' | 'percussion';

/** A clef of a staff from a time on. */
export interface ClefAt {
  readonly staff: number;
  readonly at: number;
  readonly clef: ClefName;
}

/** A part as it is written: its staves counted from 1, and how far it sounds from where it is written. */
export interface ScorePart {
  readonly name: string;
  readonly staves: number;
  readonly clefs: readonly ClefAt[];
  /** Letters and half steps from the written note to the sounding one; null for a part at pitch. */
  readonly transposition: { readonly letters: number; readonly halfSteps: number } | null;
}

/**
 * A note or a rest as it is written. `note` is the sounding pitch; null for a rest and for percussion. Grace notes
 * last nothing.
 */
export interface WrittenNote {
  readonly part: number;
  readonly staff: number;
  readonly voice: string;
  readonly onset: number;
  readonly ticks: number;
  readonly note: Note | null;
  readonly kind: 'note' | 'rest' | 'grace' | 'cue' | 'percussion';
  /** Whether it is tied to the note after it, and from the one before. */
  readonly tieStart?: true;
  readonly tieEnd?: true;
  /** Its words; further verses after line breaks, empty ones where a verse has nothing here. */
  readonly lyric?: string;
  readonly fermata?: true;
  /** So many in the time of so many. */
  readonly tuplet?: readonly [number, number];
  /** Where a beam begins on it, goes on, or ends, as a file says it; none where it stands alone, or nobody says. */
  readonly beam?: Beam;
  /** Set for a grace note that follows the note before it, at the end of a bar. */
  readonly after?: true;
  /** Whether an accidental is written before it, also where the bar has it already. */
  readonly sign?: true;
  readonly marks?: readonly NoteMark[];
}

export type Beam = 'begin' | 'continue' | 'end';

/** A bar with what stands at its barlines. */
export interface WrittenBar extends ScoreBar {
  readonly label: string;
  readonly repeatStart?: true;
  readonly repeatEnd?: true;
  readonly ending?: Ending;
  readonly double?: true;
}

/** A piece: its parts, bars and notes; times in ticks from its beginning. */
export interface Score {
  readonly title: string;
  readonly composer: string;
  readonly tempo: number | null;
  readonly parts: readonly ScorePart[];
  readonly bars: readonly WrittenBar[];
  /** Sounding signatures by the time they begin, the first at 0. */
  readonly signatures: readonly { readonly at: number; readonly fifths: number }[];
  /** Notes and rests of a part after those of the part above. */
  readonly notes: readonly WrittenNote[];
  readonly symbols: readonly ScoreSymbol[];
  /** Times from which on no chord is meant (N.C.), until the next symbol. */
  readonly noChord?: readonly number[];
  readonly signs?: readonly ScoreSign[];
}

/** A written note as it sounds by itself; the same object as long as the note lives. */
const soundOf = perObject((one: WrittenNote): ScoreNote => {
  const { note, part, onset, ticks, voice } = one;
  return { onset, end: onset + ticks, note: note!, part, voice: `${part} ${voice}` };
});

/** Key numbers lie far within that. */
const PITCHES = 1024;

/** What a score gives to be read: its sounding notes, ties joined; without graces, cues and percussion. */
export const toRead = perObject(
  (score: Score): ScoreToRead & { readonly written: readonly (readonly number[])[] } => {
    const notes: ScoreNote[] = [];
    const written: number[][] = [];
    /** By part and pitch the last note that sounded. */
    const open = new Map<number, number>();
    const fermatas = new Set<number>();
    score.notes.forEach((one, place) => {
      const { note, kind, part, onset, ticks } = one;
      if (one.fermata) fermatas.add(onset);
      if (kind !== 'note' || !note || ticks <= 0) return;
      const id = part * PITCHES + midiNumber(note);
      const before = open.get(id);
      if (one.tieEnd && before !== undefined && notes[before]!.end === onset) {
        notes[before] = { ...notes[before]!, end: onset + ticks };
        written[before]!.push(place);
      } else {
        open.set(id, notes.length);
        notes.push(soundOf(one));
        written.push([place]);
      }
    });
    const breaks = score.bars.flatMap(({ to, repeatEnd, double }) => (repeatEnd || double ? [to] : []));
    const { bars, signatures, symbols, noChord } = score;
    const inOrder = [...fermatas].sort((a, b) => a - b);
    return {
      notes,
      written,
      bars,
      signatures,
      fermatas: inOrder,
      breaks,
      symbols,
      ...(noChord ? { noChord } : {}),
    };
  },
);

/** Notes of a part as they are counted: each written pitched note, without graces. */
export function countNotes(score: Score, part: number): number {
  return score.notes.filter((one) => one.part === part && one.note !== null && one.kind !== 'grace').length;
}
