/** The labelled harmony of a chorale set anew for a keyboard, under its own melody: textures of many piano pieces. */
import type { Chorale } from './choraleReading';
import { midiNumber, parseNoteName, TICKS_A_QUARTER, type Note, type NoteName, type ScoreNote } from '../src';

/** `block` holds each chord as long as it is: more than its share cannot be hoped for in the others. */
export const TEXTURES = ['block', 'broken', 'after-beats', 'arpeggios'] as const;
export type Texture = (typeof TEXTURES)[number];

/** The lowest note lies from here on (C2), and the others above it, as close as they come. */
const LOWEST = 36;
const OCTAVE = 12;

const noteOf = (name: NoteName, octave: number): Note => ({ ...name, octave });

/** A name at the first place at or above a height in half steps. */
function above(name: NoteName, height: number): Note {
  let octave = 0;
  while (midiNumber(noteOf(name, octave)) < height) octave++;
  return noteOf(name, octave);
}

interface Piece {
  readonly onset: number;
  readonly end: number;
  readonly note: Note;
}

/** The chord of a label from its lowest note up: the bass, and the other names close above an octave or so higher. */
function stackOf(bass: string, notes: string, low: number, tenor: number): Note[] {
  const lowest = above(parseNoteName(bass), low);
  const others = notes
    .split(' ')
    .filter((name) => name !== bass)
    .map((name) => above(parseNoteName(name), Math.max(tenor, midiNumber(lowest) + 1)));
  return [lowest, ...others.sort((a, b) => midiNumber(a) - midiNumber(b))];
}

/** Notes of one length after each other, by turns of a pattern that begins anew with each beat. */
function run(from: number, to: number, length: number, turn: number, pattern: readonly Note[]): Piece[] {
  const all: Piece[] = [];
  for (let onset = from, at = 0; onset < to; onset += length, at++) {
    if (at > 0 && (onset - from) % turn === 0) at = 0;
    all.push({ onset, end: Math.min(onset + length, to), note: pattern[at % pattern.length]! });
  }
  return all;
}

const Q = TICKS_A_QUARTER;

const FIGURES: Record<Texture, (from: number, to: number, bass: string, notes: string) => Piece[]> = {
  block: (from, to, bass, notes) =>
    stackOf(bass, notes, LOWEST, LOWEST + OCTAVE).map((note) => ({ onset: from, end: to, note })),
  // Low, high, middle, high.
  broken: (from, to, bass, notes) => {
    const [low, ...others] = stackOf(bass, notes, LOWEST + OCTAVE, LOWEST + OCTAVE);
    const [one, two, three] = others as [Note, Note | undefined, Note | undefined];
    const high = three ?? two ?? one;
    return run(from, to, Q / 4, Q, [low!, high, one, three ? (two ?? one) : high]);
  },
  'after-beats': (from, to, bass, notes) => {
    const [low, ...others] = stackOf(bass, notes, LOWEST, LOWEST + OCTAVE + 5);
    const all: Piece[] = [];
    const beat = Math.min(Q, to - from);
    for (let onset = from; onset < to; onset += beat) {
      const half = Math.min(onset + beat / 2, to);
      all.push({ onset, end: half, note: low! });
      const end = Math.min(onset + beat, to);
      if (half < end) for (const note of others) all.push({ onset: half, end, note });
    }
    return all;
  },
  // Up through the chord and on into the next octave, a half note long at most.
  arpeggios: (from, to, bass, notes) => {
    const [low, ...others] = stackOf(bass, notes, LOWEST, LOWEST + OCTAVE);
    const upper = others.map((note) => ({ ...note, octave: note.octave + 1 }));
    const root = { ...low!, octave: low!.octave + 1 };
    const pattern = [low!, ...others, root, ...upper];
    return run(from, to, Q / 4, 2 * Q, pattern);
  },
};

/** The piece with its melody over its labelled harmony in a texture; labels and keys stay. */
export function inTexture({ name, score, labels }: Chorale, texture: Texture): Chorale {
  const melody = score.notes.filter(({ part }) => part === 0);
  const figures = labels.flatMap(({ from, to, bass, notes }): ScoreNote[] =>
    FIGURES[texture](from, to, bass, notes).map((one) => ({ ...one, part: 1, voice: 'left' })),
  );
  return { name: `${name} ${texture}`, labels, score: { ...score, notes: [...melody, ...figures] } };
}
