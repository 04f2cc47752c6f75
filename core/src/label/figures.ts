import { notesFromBass, type Chord } from '../chord/chord';
import { TheoryError } from '../errors';
import { signatureFifths, type Key } from '../key/key';
import { signatureAlteration } from '../key/scale';
import { accidentalAscii } from '../pitch/print';
import { noteName, type NoteName } from '../pitch/note';

/**
 * One figure over a bass: a number counted in letters from the bass, and what
 * its sign does. `sign` null leaves the note to the signature; −2…+2 writes
 * the note with that alteration (0 is a natural); `raise` lifts it by a half
 * step (a stroke or a plus). A sign without a number stands for the third.
 */
export interface Figure {
  readonly number: number;
  readonly sign: number | null;
  readonly raise: boolean;
}

const SIGNS = /^(##|bb|#|b|n|x|♯|♭|♮|𝄪|𝄫)/u;
const SIGN_VALUES: Record<string, number> = {
  '#': 1,
  '♯': 1,
  b: -1,
  '♭': -1,
  n: 0,
  '♮': 0,
  '##': 2,
  x: 2,
  '𝄪': 2,
  bb: -2,
  '𝄫': -2,
};

/**
 * Reads one figure: `6`, `#6`, `6#`, `b3`, `n`, `4+`, `6\`. Throws TheoryError
 * `figures`.
 */
export function parseFigure(text: string): Figure {
  const trimmed = text.trim();
  const before = SIGNS.exec(trimmed);
  const rest = trimmed.slice(before?.[0].length ?? 0);
  const number = /^\d{1,2}/.exec(rest);
  const after = rest.slice(number?.[0].length ?? 0);
  const behind = SIGNS.exec(after);
  const value = number ? Number(number[0]) : 3;
  const stroke = after === '+' || after === '\\' || after === '/';
  const known = after === '' || stroke || (behind !== null && behind[0] === after && !before);
  if ((!number && !before && !stroke) || !known || value < 2 || value > 14) {
    throw new TheoryError(
      'figures',
      text,
      'this is not a figure.',
      'Write a number from 2 to 14 with #, b or n beside it, or the sign alone for the third: 6, #4, n.',
    );
  }
  const sign = before?.[0] ?? (behind && !stroke ? behind[0] : undefined);
  return { number: value, sign: sign === undefined ? null : SIGN_VALUES[sign]!, raise: stroke };
}

/**
 * Reads figures written one under another as `6 4 3`, `#6/4/3`, `64`, `7 #`. Throws TheoryError `figures`.
 */
export function parseFigures(text: string): Figure[] {
  const parts = text
    .trim()
    .split(/[\s,]+/)
    .filter(Boolean);
  const pieces = parts.flatMap((part) => {
    if (/^[2-9]{2,4}$/.test(part)) return [...part];
    return part.split('/').filter(Boolean);
  });
  return pieces.map(parseFigure);
}

/** Numbers understood where they are not written (common practice, thorough bass). */
const FULL: Record<string, readonly number[]> = {
  '': [5, 3], '3': [5, 3], '5': [5, 3], '6': [6, 3], '7': [7, 5, 3], '9': [9, 7, 5, 3],
  '11': [11, 9, 7, 5, 3], '13': [13, 11, 9, 7, 5, 3],
  '4': [5, 4], '5,4': [5, 4], '7,4': [7, 5, 4], '9,4': [9, 5, 4], '8': [8, 5, 3], '8,3': [8, 5, 3],
  '8,5': [8, 5, 3], '8,6': [8, 6, 3], '8,4': [8, 5, 4], '9,7': [9, 7, 5, 3], '7,3': [7, 5, 3],
  '7,5': [7, 5, 3],
  '6,5': [6, 5, 3], '4,3': [6, 4, 3], '4,2': [6, 4, 2], '2': [6, 4, 2], '6,2': [6, 4, 2], '6,3': [6, 3],
  '5,2': [5, 2], '6,4': [6, 4], '9,6,5': [9, 6, 5, 3], '9,6': [9, 6, 5, 3],
  '5,3': [5, 3], '9,3': [9, 7, 5, 3], '9,5': [9, 7, 5, 3],
}; // prettier-ignore

/** The whole set of numbers that written figures stand for, high to low, each with its sign. */
export function expandFigures(figures: readonly Figure[]): Figure[] {
  const seen = new Map<number, Figure>();
  for (const figure of figures) {
    if (seen.has(figure.number)) {
      throw new TheoryError(
        'figures',
        String(figure.number),
        'the same figure is written twice.',
        'Write each number once.',
      );
    }
    seen.set(figure.number, figure);
  }
  const written = [...seen.keys()].sort((a, b) => b - a);
  const numbers = FULL[written.join(',')] ?? written;
  return numbers.map((number) => seen.get(number) ?? { number, sign: null, raise: false });
}

/** The note that a figure calls for over a bass, in the key's signature. */
export function figureNote(bass: NoteName, figure: Figure, key: Key): NoteName {
  const step = (bass.step + figure.number - 1) % 7;
  const plain = signatureAlteration(signatureFifths(key), step);
  return noteName(step, figure.sign ?? (figure.raise ? plain + 1 : plain));
}

/** The notes over (and with) a figured bass, from the bass upward. */
export function notesOfFigures(bass: NoteName, figures: readonly Figure[], key: Key): NoteName[] {
  const full = expandFigures(figures);
  const upper = full.map((figure) => ({
    note: figureNote(bass, figure, key),
    number: ((figure.number - 2) % 7) + 2,
  }));
  upper.sort((a, b) => a.number - b.number);
  return [bass, ...upper.filter(({ number }) => number !== 8).map(({ note }) => note)];
}

/** `#6`, `n`, `4`: read again by parseFigure. A signed third is its sign alone. */
export function printFigure(figure: Figure): string {
  const sign = figure.sign === null ? '' : figure.sign === 0 ? 'n' : accidentalAscii(figure.sign);
  const number = figure.number === 3 && sign !== '' ? '' : String(figure.number);
  return sign + number + (figure.raise ? '+' : '');
}

/**
 * Figures of a chord over its bass in full, high to low: every upper note,
 * signed where it leaves the signature. Without a key there are only numbers.
 */
export function fullFigures(chord: Chord, key: Key | null): Figure[] {
  const fifths = key ? signatureFifths(key) : 0;
  const { bass, root } = chord;
  const rootLowest = bass.step === root.step && bass.alteration === root.alteration;
  const high = rootLowest && chord.members.some((m) => m.degree >= 9);
  const within = new Set(chord.members.filter((m) => m.degree < 8).map((m) => m.degree));
  const figures: Figure[] = [];
  for (const note of notesFromBass(chord).slice(1)) {
    const number = ((note.step - bass.step + 7) % 7) + 1;
    // An added sixth or a suspended fourth is counted as such beside a ninth.
    const above = high && number % 2 === 0 && !within.has(number);
    const sign = !key || note.alteration === signatureAlteration(fifths, note.step) ? null : note.alteration;
    figures.push({
      number: number === 1 ? 8 : above ? number + 7 : number,
      sign,
      raise: false,
    });
  }
  return figures.sort((a, b) => b.number - a.number);
}

/** Figures that go unwritten in the usual short forms, unless they carry a sign. */
const SHORT: Record<string, readonly number[]> = {
  '5,3': [5, 3], '6,3': [3], '7,5,3': [5, 3], '6,5,3': [3], '6,4,3': [6], '6,4,2': [6], '9,7,5,3': [7, 5, 3],
  '9,6,5,3': [3], '11,9,7,5,3': [9, 7, 5, 3], '13,11,9,7,5,3': [11, 9, 7, 5, 3], '5,4': [5],
}; // prettier-ignore

/** The usual short figures of a chord in a key, as a player reads them, high to low. */
export function shortFigures(chord: Chord, key: Key | null): Figure[] {
  const full = fullFigures(chord, key);
  const unwritten = SHORT[full.map((f) => f.number).join(',')] ?? [];
  return full.filter((f) => f.sign !== null || !unwritten.includes(f.number));
}
