import { TheoryError } from '../errors';
import { LETTERS, modulo, noteName, staffPosition, type Note, type NoteName } from '../pitch/note';
import { perObject } from '../memo';
import { hasOrdinarySignature, printKey, signatureFifths, type Key } from './key';

/** Forms of the minor scale. Other modes have only their natural form. */
export const SCALE_FORMS = ['natural', 'harmonic', 'melodic'] as const;
export type ScaleForm = (typeof SCALE_FORMS)[number];

const NATURAL_FIFTHS = [0, 2, 4, -1, 1, 3, 5] as const;

/** The alteration that a signature of `fifths` sharps or flats gives to a letter. */
export function signatureAlteration(fifths: number, step: number): number {
  return Math.ceil((fifths - 1 - NATURAL_FIFTHS[modulo(step, 7)]!) / 7);
}

/**
 * The seven notes of the key's scale from the tonic up. `form` matters for
 * minor only: harmonic raises 7, melodic (upward) raises 6 and 7.
 */
export function scaleOf(key: Key, form: ScaleForm = 'natural'): readonly NoteName[] {
  return SCALES[key.mode === 'minor' ? form : 'natural'](key);
}

const SCALES: Record<ScaleForm, (key: Key) => readonly NoteName[]> = {
  natural: perObject((key: Key) => buildScale(key, 'natural')),
  harmonic: perObject((key: Key) => buildScale(key, 'harmonic')),
  melodic: perObject((key: Key) => buildScale(key, 'melodic')),
};

function buildScale(key: Key, form: ScaleForm): NoteName[] {
  const fifths = signatureFifths(key);
  const scale: NoteName[] = [];
  for (let degree = 1; degree <= 7; degree++) {
    const step = (key.tonic.step + degree - 1) % 7;
    const raise =
      key.mode === 'minor' && ((degree === 7 && form !== 'natural') || (degree === 6 && form === 'melodic'));
    scale.push(noteName(step, signatureAlteration(fifths, step) + (raise ? 1 : 0)));
  }
  return scale;
}

/** The note of one degree (1–7) of the scale. */
export function degreeNote(key: Key, degree: number, form: ScaleForm = 'natural'): NoteName {
  if (!Number.isInteger(degree) || degree < 1 || degree > 7) {
    throw new TheoryError(
      'degree',
      String(degree),
      'a scale has degrees 1 to 7.',
      'Write a number from 1 to 7.',
    );
  }
  return scaleOf(key, form)[degree - 1]!;
}

/** Where a note stands in the natural scale of a key: its degree, and how far it is altered there. */
export function degreeOf(key: Key, name: NoteName): { degree: number; alteration: number } {
  const degree = modulo(name.step - key.tonic.step, 7) + 1;
  return { degree, alteration: name.alteration - signatureAlteration(signatureFifths(key), name.step) };
}

const SHARP_ORDER = [3, 0, 4, 1, 5, 2, 6];
const FLAT_ORDER = [6, 2, 5, 1, 4, 0, 3];

/**
 * The sharps or flats of the signature in their order. A theoretical key gives
 * double sharps or flats first in the list's order, as no staff prints it.
 */
export function signatureNotes(key: Key): NoteName[] {
  const fifths = signatureFifths(key);
  const order = fifths > 0 ? SHARP_ORDER : FLAT_ORDER;
  const notes: NoteName[] = [];
  for (const step of order) {
    const alteration = signatureAlteration(fifths, step);
    if (alteration !== 0) notes.push(noteName(step, alteration));
  }
  return notes;
}

export const CLEFS = ['treble', 'bass', 'alto', 'tenor'] as const;
export type Clef = (typeof CLEFS)[number];

/**
 * Octaves at which each clef writes the signature, in the order of sharps and
 * of flats (common practice). Tenor sharps start low.
 */
const SIGNATURE_OCTAVES: Record<Clef, { sharps: number[]; flats: number[] }> = {
  treble: { sharps: [5, 5, 5, 5, 4, 5, 4], flats: [4, 5, 4, 5, 4, 5, 4] },
  alto: { sharps: [4, 4, 4, 4, 3, 4, 3], flats: [3, 4, 3, 4, 3, 4, 3] },
  tenor: { sharps: [3, 4, 3, 4, 3, 4, 3], flats: [3, 4, 3, 4, 3, 4, 3] },
  bass: { sharps: [3, 3, 3, 3, 2, 3, 2], flats: [2, 3, 2, 3, 2, 3, 2] },
};

/** The signature's accidentals as notes on the staff of a clef. Throws for a theoretical key. */
export function signatureOnStaff(key: Key, clef: Clef) {
  if (!hasOrdinarySignature(key)) {
    throw new TheoryError(
      'key',
      printKey(key),
      'no ordinary signature exists for this key.',
      'Write its accidentals before the notes, or choose the enharmonic key.',
    );
  }
  const octaves = SIGNATURE_OCTAVES[clef][signatureFifths(key) > 0 ? 'sharps' : 'flats'];
  return signatureNotes(key).map((name, index) => ({ ...name, octave: octaves[index]! }));
}

export type DegreeName =
  'tonic' | 'supertonic' | 'mediant' | 'subdominant' | 'dominant' | 'submediant' | 'leading' | 'subtonic';

/** The names of the degrees, from the tonic up (common practice). */
export const DEGREE_NAMES: readonly DegreeName[] = [
  'tonic',
  'supertonic',
  'mediant',
  'subdominant',
  'dominant',
  'submediant',
  'leading',
];

/** The degree's name; the seventh is a leading note only a half step under the tonic. */
export function degreeName(key: Key, degree: number, form: ScaleForm = 'natural'): DegreeName {
  if (degree !== 7) return DEGREE_NAMES[degree - 1]!;
  const leading = noteName(
    key.tonic.step + 6,
    signatureAlteration(signatureFifths({ tonic: key.tonic, mode: 'major' }), key.tonic.step + 6),
  );
  return degreeNote(key, 7, form).alteration === leading.alteration ? 'leading' : 'subtonic';
}

/**
 * A note's name as the staff shows it under a signature: the signature's own
 * accidental is not written, one that leaves it is.
 */
export function nameUnderSignature(note: NoteName, fifths: number): NoteName {
  return note.alteration === signatureAlteration(fifths, note.step)
    ? noteName(note.step, 0)
    : noteName(note.step, note.alteration);
}

/**
 * The note of a letter (`a`–`g`, either case) nearest to another on the staff, as a signature has it; null
 * for anything else.
 */
export function nearestWithLetter(letter: string, near: Note, fifths: number): Note | null {
  const step = letter.length === 1 ? LETTERS.indexOf(letter.toUpperCase()) : -1;
  if (step < 0) return null;
  const place = staffPosition(near);
  const nearest = place + modulo(step - modulo(place, 7) + 3, 7) - 3;
  return atPosition(nearest, fifths);
}

/** The note on a line or space of the staff, counted from C0, as a signature of so many sharps or flats has it. */
export function atPosition(position: number, fifths: number): Note {
  const step = modulo(position, 7);
  return { ...noteName(step, signatureAlteration(fifths, step)), octave: Math.floor(position / 7) };
}
