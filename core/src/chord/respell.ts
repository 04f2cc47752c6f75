import { attempt } from '../errors';
import { degreeOf } from '../key/scale';
import type { Key } from '../key/key';
import { fromLineOfFifths, lineOfFifths, pitchClass, type NoteName } from '../pitch/note';
import { makeChord, memberNote, sameChord, stackedNotes, type Chord } from './chord';
import { identify } from './identify';

/** A chord that sounds the same under other names, and how many of its notes lie outside the key. */
export interface Respelling {
  readonly chord: Chord;
  readonly foreign: number;
}

const MAX_WRITTEN = 2;
/** Notes a fifth apart twelve times sound the same. */
const ENHARMONIC = 12;

/**
 * The chord and what sounds like it in other spellings, the fewest notes
 * foreign to the key first: its root respelled, and for chords that divide the
 * octave evenly every member as root (common practice).
 */
export function respellings(chord: Chord, key: Key): Respelling[] {
  const found: Chord[] = [chord];
  const add = (other: Chord) => {
    const written = stackedNotes(other).every((note) => Math.abs(note.alteration) <= MAX_WRITTEN);
    if (written && !found.some((known) => sameChord(known, other))) found.push(other);
  };
  const even = attempt(() => identify(stackedNotes(chord)));
  const roots: Chord[] = [chord];
  if (even.ok)
    for (const { chord: other, reasons } of even.value)
      if (reasons.some(({ kind }) => kind === 'respelled')) roots.push(other);
  for (const one of roots) {
    add(one);
    for (const shift of [-ENHARMONIC, ENHARMONIC]) {
      const other = attempt(() => moved(one, shift));
      if (other.ok) add(other.value);
    }
  }
  return found
    .map((one) => ({ chord: one, foreign: foreignIn(one, key) }))
    .sort((a, b) => a.foreign - b.foreign || signs(a.chord) - signs(b.chord));
}

function moved(chord: Chord, fifths: number): Chord {
  const move = (name: NoteName) => fromLineOfFifths(lineOfFifths(name) + fifths);
  const root = move(chord.root);
  const bass = chord.members
    .map((m) => memberNote(root, m))
    .find((note) => pitchClass(note) === pitchClass(chord.bass));
  return makeChord(root, chord.members, bass ?? move(chord.bass));
}

function foreignIn(chord: Chord, key: Key): number {
  const leading = key.mode === 'minor' ? 1 : 0;
  return stackedNotes(chord).filter((note) => {
    const { degree, alteration } = degreeOf(key, note);
    return alteration !== 0 && !(degree === 7 && alteration === leading);
  }).length;
}

/** Accidentals to be written, for a choice between spellings equally near the key. */
function signs(chord: Chord): number {
  return stackedNotes(chord).reduce((sum, note) => sum + Math.abs(note.alteration), 0);
}
