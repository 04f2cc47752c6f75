import { TheoryError } from '../errors';
import { modulo, noteName, type Note, type NoteName, type Step } from './note';

/** Step of an upper-case letter code (65–71), −1 for anything else. */
export function stepOfCode(code: number): number {
  // A=65 is step 5, B=66 is 6, C=67 is 0.
  return code >= 65 && code <= 71 ? modulo(code - 67, 7) : -1;
}

/**
 * Reads accidentals from `text` at `at`: # ♯ b ♭ x ## bb 𝄪 𝄫 ♮. Returns the
 * alteration and the place after it. Mixed signs stop the reading.
 */
export function readAccidentals(text: string, at: number): { alteration: number; end: number } {
  let alteration = 0;
  let end = at;
  for (; end < text.length; end++) {
    const code = text.charCodeAt(end);
    let change: number;
    if (code === 35 || code === 0x266f) change = 1;
    else if (code === 98 || code === 0x266d) change = -1;
    else if (code === 120) change = 2;
    else if (code === 0xd834 && text.charCodeAt(end + 1) === 0xdd2a) change = 2;
    else if (code === 0xd834 && text.charCodeAt(end + 1) === 0xdd2b) change = -2;
    else if (code === 0x266e && end === at) {
      end++;
      break;
    } else break;
    if (alteration !== 0 && alteration > 0 !== change > 0) break;
    alteration += change;
    if (code === 0xd834) end++;
  }
  return { alteration, end };
}

/** Reads a note name at `at`; null when no letter A–G stands there. Upper case only. */
export function readNoteName(text: string, at: number): { name: NoteName; end: number } | null {
  const step = stepOfCode(text.charCodeAt(at));
  if (step < 0) return null;
  const { alteration, end } = readAccidentals(text, at + 1);
  if (alteration > 3 || alteration < -3) return null;
  return { name: { step: step as Step, alteration }, end };
}

/**
 * Reads a note name such as `C`, `F#`, `B♭`, `Gx`, `Abb`; the letter may be
 * small. Throws TheoryError `note`.
 */
export function parseNoteName(text: string): NoteName {
  const read = readLetterAndSign(text.trim());
  if (read.end !== text.trim().length) throw badNote(text, 'a note name');
  return noteName(read.step, read.alteration);
}

/**
 * Reads a note with its octave, such as `C4`, `F#5`, `Bb3`, `B-1`; octaves −1
 * to 9. Throws TheoryError `note`.
 */
export function parseNote(text: string): Note {
  const trimmed = text.trim();
  const read = readLetterAndSign(trimmed);
  const first = trimmed.charCodeAt(read.end);
  const negative = first === 45;
  const digits = trimmed.length - read.end - (negative ? 1 : 0);
  const octave = trimmed.charCodeAt(trimmed.length - 1) - 48;
  if (digits !== 1 || octave < 0 || octave > 9 || (negative && octave !== 1)) {
    throw badNote(text, 'a note with its octave');
  }
  const name = noteName(read.step, read.alteration);
  return { step: name.step, alteration: name.alteration, octave: negative ? -octave : octave };
}

function readLetterAndSign(text: string): { step: number; alteration: number; end: number } {
  let code = text.charCodeAt(0);
  if (code >= 97 && code <= 103) code -= 32;
  const step = stepOfCode(code);
  if (step < 0) throw badNote(text, 'a note');
  const { alteration, end } = readAccidentals(text, 1);
  return { step, alteration, end };
}

function badNote(text: string, what: string): TheoryError {
  return new TheoryError(
    'note',
    text,
    `this is not ${what}.`,
    'Write a letter A–G, then any sharps or flats, then the octave where one is asked for: F#4, Bb3, G##5.',
  );
}
