import { stackedNotes, type Chord } from '../../chord/chord';
import { perObject } from '../../memo';
import { lineOfFifths, staffPosition, type NoteName } from '../../pitch/note';
import { nonChordKind, type Neighbours, type NonChordKind } from './melodic';
import type { ScoreNote } from '../model/scoreNote';
import type { Slice } from './slices';

/** A note outside its chord: what it is, from when on, and where it comes from and goes to in its voice. */
export interface NonChordNote {
  /** Places in the list of notes; −1 for nothing. */
  readonly note: number;
  readonly before: number;
  readonly after: number;
  /** When it is first heard against the chord, in ticks. */
  readonly at: number;
  readonly kind: NonChordKind;
  /** Of a suspension: its interval over the lowest note and that of its resolution, as figures. */
  readonly figures: readonly [number, number] | null;
}

/** The notes of some slices that a chord does not hold, in the order in which they are heard against it. */
export function nonChordNotes(
  notes: readonly ScoreNote[],
  neighbours: Neighbours,
  slices: readonly Slice[],
  chord: Chord,
  next: Chord | null,
): NonChordNote[] {
  const own = placesIn(chord);
  const following = next ? placesIn(next) : null;
  const end = slices[slices.length - 1]!.to;
  const found = new Map<number, NonChordNote>();
  for (const slice of slices)
    for (const note of slice.sounding) {
      const place = lineOfFifths(notes[note]!.note);
      if (own.has(place) || found.has(note)) continue;
      const kept = notes[note]!.end > end && following?.has(place) === true;
      const kind = notes[note]!.inPedal
        ? 'pedal'
        : kept
          ? 'anticipation'
          : nonChordKind(notes, neighbours, note, slice.from);
      const [before, after] = [neighbours.before[note]!, neighbours.after[note]!];
      const figures = kind === 'suspension' ? suspensionFigures(notes, note, after, slice) : null;
      found.set(note, { note, before, after, at: slice.from, kind: weakened(kind, slice), figures });
    }
  return [...found.values()];
}

/** A note that is leapt to on an accent leans on the next one; on a weak beat it is half a neighbour. */
function weakened(kind: NonChordKind, slice: Slice): NonChordKind {
  return kind === 'appoggiatura' && slice.accent < 2 ? 'incomplete-neighbour' : kind;
}

const placesIn = perObject(
  (chord: Chord): ReadonlySet<number> => new Set(stackedNotes(chord).map(lineOfFifths)),
);

/** `4 3`, `7 6`, `9 8` over the lowest note; `2 3` where the lowest note itself is suspended. */
function suspensionFigures(
  notes: readonly ScoreNote[],
  note: number,
  after: number,
  slice: Slice,
): readonly [number, number] | null {
  if (after < 0) return null;
  const lowest = slice.sounding[0]!;
  if (lowest === note) {
    const above = slice.sounding.find((one) => one !== note);
    return above === undefined ? null : [2, 3];
  }
  const over = (one: number) => staffPosition(notes[one]!.note) - staffPosition(notes[lowest]!.note) + 1;
  const simple = (steps: number) => (steps > 9 ? ((steps - 3) % 7) + 3 : steps === 2 ? 9 : steps);
  const held = simple(over(note));
  return held < 2 ? null : [held, held - 1];
}

/** The members of a chord that do not sound in the time of some slices, as the notes are written: they are supplied. */
export function suppliedNotes(
  written: readonly ScoreNote[],
  slices: readonly Slice[],
  chord: Chord,
): NoteName[] {
  const [from, to] = [slices[0]!.from, slices[slices.length - 1]!.to];
  const sounding = new Set(
    slices
      .flatMap((slice) => slice.sounding.map((one) => written[one]!))
      .filter(({ onset, end }) => onset < to && end > from)
      .map(({ note }) => lineOfFifths(note)),
  );
  return stackedNotes(chord).filter((name) => !sounding.has(lineOfFifths(name)));
}
