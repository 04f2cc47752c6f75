import { attempt, TheoryError } from '../../errors';
import { parseSymbol } from '../../chord/symbolParse';
import { inversionOf, notesFromBass } from '../../chord/chord';
import { parseNoteNameAt } from '../../pitch/letters';
import { printNoteName } from '../../pitch/print';
import type { LabelStyle } from '../../school/school';
import { namesOfNotes, QUALITIES, type ChordSize } from '../chordQualities';
import { plainText, signsFromWords } from './spokenText';

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
  m: 'minor',
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
  seventh: 'dominant-seventh',
  'minor-7': 'minor-seventh',
  min7: 'minor-seventh',
};

/** An inversion at the end of a name, in words or in figures that stand apart. */
const IN_WORDS = [
  '(?:root|first|second|third|1st|2nd|3rd|no)(?:[\\s-]+(?:inversion|inv\\.?|position|pos\\.?))?',
  'inv(?:ersion)?\\.? ?[0-3]',
];
const IN_FIGURES = ['6/?5', '6/?4(?:/?[23])?', '6/?3', '6', '4/?3', '4/?2', '5/?3'];
const INVERSION_AT_END = new RegExp(`[\\s,(]+(?:in )?(${[...IN_WORDS, ...IN_FIGURES].join('|')})\\)?$`, 'i');
/** Figures that stand close to the root of a triad; a sixth chord is written so elsewhere. */
const FIGURES_AT_ROOT = /^([A-Ga-g][#b♯♭]*(?:m|min|-)?)(6\/?3|6\/?4|6)$/;

/**
 * The name of a chord as somebody writes it: `F minor, first inversion`, `D flat major first`, `Bb dim 2`, `F 6/3`, or
 * a symbol, `Fm/Ab`, `G7 third inversion`. Where a triad is asked for, F6 is its first inversion. Throws TheoryError
 * `chord`.
 */
export function parseChordText(text: string, school: LabelStyle, size: ChordSize = 'seventh'): ChordAnswer {
  const typed = signsFromWords(plainText(text));
  // A small letter is the same root, but in German, where it is minor.
  const said = school.letters === 'german' ? typed : typed.charAt(0).toUpperCase() + typed.slice(1);
  const figures = size === 'triad' || !/6$/.test(said) ? FIGURES_AT_ROOT.exec(said) : null;
  if (figures) return { ...named(figures[1]!, text, school), inversion: parseInversion(figures[2]) };
  const whole = symbolNamed(said, school);
  if (whole) return whole;
  const turned = INVERSION_AT_END.exec(said);
  if (turned) {
    const inversion = attempt(() => parseInversion(turned[1]));
    const own = attempt(() => named(said.slice(0, turned.index), text, school));
    if (inversion.ok && own.ok) return { ...own.value, inversion: inversion.value };
  }
  return named(said, text, school);
}

/** A chord by its symbol; null where it is none, or no chord that has a name here. */
function symbolNamed(said: string, school: LabelStyle): ChordAnswer | null {
  const symbol = attempt(() => parseSymbol(said, school.letters));
  if (!symbol.ok) return null;
  const chord = symbol.value;
  const name = namesOfNotes(notesFromBass(chord)).find(
    (one) => printNoteName(one.root) === printNoteName(chord.root),
  );
  if (!name || inversionOf(chord) === null) return null;
  return { root: printNoteName(chord.root), quality: name.quality, inversion: name.inversion };
}

/** A root with its quality in words or signs, and the number of an inversion after them. */
function named(said: string, text: string, school: LabelStyle): ChordAnswer {
  const symbol = symbolNamed(said, school);
  if (symbol) return symbol;
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
    const quality = nameOfQuality(
      words
        .slice(0, size)
        .join('-')
        .replace(/-(?:chord|triad)$/, '')
        .replace(/7th$/, 'seventh'),
    );
    const rest = words.slice(size).join(' ');
    if (quality)
      return { root: printNoteName(read.name), quality, inversion: rest === '' ? 0 : parseInversion(rest) };
  }
  throw noChord(text);
}

const nameOfQuality = (word: string): string | undefined => (NAMES.includes(word) ? word : SHORT[word]);

/** A quality as it is written: `half diminished seventh`, `dim`; what is none stays as it is. */
export function qualityNamed(text: string): string {
  const word = text
    .trim()
    .toLowerCase()
    .replace(/\s+(?:chord|triad)$/, '')
    .replace(/[\s_]+/g, '-');
  return nameOfQuality(word) ?? word;
}

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
        .replace(/[\s-]*(?:inversion|inv\.?)$/, '')
        .replace(/^inv(?:ersion)?\.?\s*/, ''),
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
  ['0', 'root', 'root position', 'root pos', 'root pos.', 'none', 'no', '53', '5/3'],
  ['1', 'first', '1st', '6', '63', '6/3', '65', '6/5'],
  ['2', 'second', '2nd', '64', '6/4', '43', '4/3', '643', '6/4/3'],
  ['3', 'third', '3rd', '42', '4/2', '2', '642', '6/4/2'],
];
