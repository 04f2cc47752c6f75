import { TheoryError } from '../errors';

/** A letter as a number: C=0, D=1, E=2, F=3, G=4, A=5, B=6. */
export type Step = 0 | 1 | 2 | 3 | 4 | 5 | 6;

/** A spelled note without an octave. `alteration` is −3…+3 half steps (flats below zero). */
export interface NoteName {
  readonly step: Step;
  readonly alteration: number;
}

/** A spelled note at a pitch; octaves in scientific pitch notation, middle C = C4. */
export interface Note extends NoteName {
  readonly octave: number;
}

export const LETTERS = 'CDEFGAB';
/** Half steps from C up to each natural letter. */
export const NATURAL_HALF_STEPS = [0, 2, 4, 5, 7, 9, 11] as const;
/** Place of each natural letter on the line of fifths, C = 0. */
const NATURAL_FIFTHS = [0, 2, 4, -1, 1, 3, 5] as const;
const FIFTHS_STEPS: readonly Step[] = [3, 0, 4, 1, 5, 2, 6];
export const MAX_ALTERATION = 3;

/** The remainder that is never negative. */
export function modulo(value: number, base: number): number {
  return ((value % base) + base) % base;
}

/** A note name, refusing more than a triple alteration. */
export function noteName(step: number, alteration: number): NoteName {
  if (alteration > MAX_ALTERATION || alteration < -MAX_ALTERATION) throw tooManyAccidentals(step, alteration);
  return { step: modulo(step, 7) as Step, alteration };
}

function tooManyAccidentals(step: number, alteration: number): TheoryError {
  const sign = alteration > 0 ? '#' : 'b';
  return new TheoryError(
    'alteration',
    LETTERS[modulo(step, 7)]! + sign.repeat(Math.abs(alteration)),
    'more than three accidentals on one note cannot be written.',
    'Respell the starting note, for example with fewer sharps or flats.',
  );
}

export function withOctave(name: NoteName, octave: number): Note {
  return { step: name.step, alteration: name.alteration, octave };
}

/** Letters counted from C0, whatever the accidentals: the place on the staff. */
export function staffPosition(note: Note): number {
  return note.octave * 7 + note.step;
}

/** MIDI key number; C4 = 60. */
export function midiNumber(note: Note): number {
  return (note.octave + 1) * 12 + NATURAL_HALF_STEPS[note.step] + note.alteration;
}

/** Half steps above C, 0–11: the key on the keyboard, spelling forgotten. */
export function pitchClass(name: NoteName): number {
  return modulo(NATURAL_HALF_STEPS[name.step] + name.alteration, 12);
}

/** A note so many letters and half steps higher, or lower below zero. Throws TheoryError past a triple alteration. */
export function transposedNote(note: Note, letters: number, halfSteps: number): Note {
  const position = staffPosition(note) + letters;
  const step = modulo(position, 7) as Step;
  const octave = Math.floor(position / 7);
  const plain = midiNumber({ step, alteration: 0, octave });
  return withOctave(noteName(step, midiNumber(note) + halfSteps - plain), octave);
}

/** Place on the line of fifths: … B♭ −2, F −1, C 0, G 1, D 2 … Each spelling has its own. */
export function lineOfFifths(name: NoteName): number {
  return NATURAL_FIFTHS[name.step] + 7 * name.alteration;
}

/** The note name at a place on the line of fifths. */
export function fromLineOfFifths(fifths: number): NoteName {
  return noteName(FIFTHS_STEPS[modulo(fifths + 1, 7)]!, Math.floor((fifths + 1) / 7));
}

export function sameName(a: NoteName, b: NoteName): boolean {
  return a.step === b.step && a.alteration === b.alteration;
}

export function sameNote(a: Note, b: Note): boolean {
  return sameName(a, b) && a.octave === b.octave;
}

/** The lowest octave at which `name` is not below `floor` on the staff. */
export function atOrAbove(name: NoteName, floor: Note): Note {
  const octave = name.step >= floor.step ? floor.octave : floor.octave + 1;
  return withOctave(name, octave);
}

/** Stacks names upward in close position, the first at or above `floor`. */
export function stackUp(names: readonly NoteName[], floor: Note): Note[] {
  const notes: Note[] = [];
  for (const name of names) {
    const last = notes[notes.length - 1];
    const next = atOrAbove(name, last ?? floor);
    // The same letter again (a chord with two thirds, say) stays beside it, not an octave up.
    notes.push(
      last && midiNumber(next) < midiNumber(last) && next.step !== last.step
        ? withOctave(name, next.octave + 1)
        : next,
    );
  }
  return notes;
}

/** A name at the octave in which it is that key of the keyboard; the two must be of the same pitch class. */
export function atPianoKey(name: NoteName, midi: number): Note {
  return withOctave(name, (midi - NATURAL_HALF_STEPS[name.step] - name.alteration) / 12 - 1);
}

/** Frequency in hertz in equal temperament, A4 = 440. */
export function frequency(note: Note): number {
  return 440 * 2 ** ((midiNumber(note) - 69) / 12);
}
