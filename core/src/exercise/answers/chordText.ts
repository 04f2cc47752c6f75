import { attempt, TheoryError } from '../../errors';
import { parseSymbol } from '../../chord/symbolParse';
import { inversionOf, notesFromBass } from '../../chord/chord';
import { parseNoteNameAt } from '../../pitch/letters';
import { printNoteName } from '../../pitch/print';
import type { LabelStyle } from '../../school/school';
import { namesOfNotes, QUALITIES } from '../chordQualities';

/** A name of a chord as it is answered. */
export interface ChordAnswer {
  readonly root: string;
  readonly quality: string;
  readonly inversion: number;
}

const NAMES = Object.values(QUALITIES).flat();
/** Short words for qualities, as they are typed while marking. */
const SHORT: Readonly<Record<string, string>> = {
  maj: 'major',
  min: 'minor',
  dim: 'diminished',
  aug: 'augmented',
  'half-dim': 'half-diminished-seventh',
  'half-diminished': 'half-diminished-seventh',
  'dominant-7': 'dominant-seventh',
  dominant: 'dominant-seventh',
  dom: 'dominant-seventh',
  dom7: 'dominant-seventh',
  'dim-7': 'diminished-seventh',
  'dim-7th': 'diminished-seventh',
  dim7: 'diminished-seventh',
  'fully-diminished': 'diminished-seventh',
  'major-7': 'major-seventh',
  maj7: 'major-seventh',
  'minor-7': 'minor-seventh',
  min7: 'minor-seventh',
};

/**
 * The name of a chord as somebody writes it: `F minor, first inversion`, `Bb dim 2`, or a symbol, `Fm/Ab`. Throws
 * TheoryError `chord`.
 */
export function parseChordText(text: string, school: LabelStyle): ChordAnswer {
  const typed = text.trim();
  // A small letter is the same root, but in German, where it is minor.
  const said = school.letters === 'german' ? typed : typed.charAt(0).toUpperCase() + typed.slice(1);
  const symbol = attempt(() => parseSymbol(said, school.letters));
  if (symbol.ok) {
    const chord = symbol.value;
    const { root } = chord;
    const name = namesOfNotes(notesFromBass(chord)).find(
      (one) => printNoteName(one.root) === printNoteName(root),
    );
    if (name && inversionOf(chord) !== null)
      return { root: printNoteName(root), quality: name.quality, inversion: name.inversion };
  }
  const start = attempt(() => parseNoteNameAt(said, 0, school.letters));
  const read = start.ok ? start.value : null;
  if (!read) throw noChord(text);
  const words = said
    .slice(read.end)
    .toLowerCase()
    .replace(/[,;()]/g, ' ')
    .split(/\s+/)
    .filter((word) => word !== '' && word !== 'inversion' && word !== 'position');
  for (let size = words.length; size > 0; size--) {
    const quality = named(
      words
        .slice(0, size)
        .join('-')
        .replace(/-(?:chord|triad)$/, ''),
    );
    const rest = words.slice(size).join(' ');
    if (quality)
      return { root: printNoteName(read.name), quality, inversion: rest === '' ? 0 : parseInversion(rest) };
  }
  throw noChord(text);
}

const named = (word: string): string | undefined => (NAMES.includes(word) ? word : SHORT[word]);

function noChord(text: string): TheoryError {
  return new TheoryError(
    'chord',
    text,
    'this is not a name of a chord.',
    'Write the root, the quality and the inversion: F minor, first inversion; or a symbol: Fm/Ab.',
  );
}

/** An inversion as a number or in words. Throws TheoryError `request`. */
export function parseInversion(raw: unknown): number {
  const said = typeof raw === 'string' ? raw : (JSON.stringify(raw) ?? 'nothing');
  if (typeof raw === 'number' && Number.isInteger(raw) && raw >= 0 && raw <= 6) return raw;
  const at = INVERSION_TEXTS.findIndex((texts) =>
    texts.includes(
      said
        .trim()
        .toLowerCase()
        .replace(/ inversion$/, ''),
    ),
  );
  if (at >= 0) return at;
  throw new TheoryError(
    'request',
    said,
    'this is not an inversion.',
    'Say root position, first, second or third, or 0 to 3.',
  );
}
const INVERSION_TEXTS = [
  ['0', 'root', 'root position', 'none'],
  ['1', 'first', '1st', '6', '65', '6/5'],
  ['2', 'second', '2nd', '64', '6/4', '43', '4/3'],
  ['3', 'third', '3rd', '42', '4/2', '2'],
];
