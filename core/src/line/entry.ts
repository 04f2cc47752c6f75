import { dropDoublings, identify } from '../chord/identify';
import { type Chord } from '../chord/chord';
import { parseSymbol } from '../chord/symbolParse';
import { printSymbol } from '../chord/symbolPrint';
import { attempt, TheoryError, type Result } from '../errors';
import { TextMemo } from '../memo';
import type { Key } from '../key/key';
import { chordOfNumeral, type Numeral } from '../label/numeral';
import { diatonicNumeral } from '../label/diatonic';
import { numeralsForChord, numeralsForNotes } from '../label/numeralsFor';
import { type NumeralReading } from '../label/numeralReading';
import { parseNumeral } from '../label/numeralParse';
import { printNumeral } from '../label/numeralPrint';
import { DEFAULT_LABEL_STYLE, type LabelStyle } from '../school/school';
import { splitLine, type TextPiece } from './pieces';
import { parseNote } from '../pitch/parse';
import { displayNote, printNote, type LetterSystem } from '../pitch/print';
import { parseNoteIn, parseNoteNameIn, parseNoteNameAt } from '../pitch/letters';
import { staffPosition, midiNumber, type Note } from '../pitch/note';

/**
 * What stands in a column, as it is stored: a numeral or a symbol in the
 * default school's plain text, or the very notes, lowest first.
 */
export type Entry =
  | { readonly kind: 'numeral'; readonly text: string }
  | { readonly kind: 'symbol'; readonly text: string }
  | { readonly kind: 'notes'; readonly notes: readonly string[] }
  | SoughtEntry
  | Rest;

/** A place where no chord sounds: `N.C.` */
export interface Rest {
  readonly kind: 'rest';
  readonly text: 'N.C.';
}

/**
 * A chord that is to be worked back from the brackets and arrows drawn at it: `?`, `[?` opens a bracket, `?]`
 * closes it, `>` points to the next chord.
 */
export interface SoughtEntry {
  readonly kind: 'sought';
  readonly text: string;
}

const REST = /^N\.?C\.?$/i;

/** Whether a piece of text says that no chord sounds. */
export function isRest(text: string): boolean {
  return REST.test(text);
}

/** The chord before, once again. */
export const AGAIN = '%';

const SOUGHT = /^\[?\?\]?>?$/;

export function isSought(text: string): boolean {
  return SOUGHT.test(text);
}

/** What is drawn at a chord that is sought. */
export function drawnAt({ text }: SoughtEntry): {
  readonly opens: boolean;
  readonly closes: boolean;
  readonly arrow: boolean;
} {
  return { opens: text.startsWith('['), closes: text.includes(']'), arrow: text.endsWith('>') };
}

/** An entry understood in a key. `notes` only where the entry gave octaves. */
export interface ReadEntry {
  readonly chord: Chord;
  readonly numeral: Numeral;
  readonly readings: readonly NumeralReading[];
  readonly notes: readonly Note[] | null;
}

/**
 * Reads a stored entry in a key. Symbols and notes get their likeliest
 * numeral. Throws TheoryError when the entry cannot be read there.
 */
export function chordOfEntry(entry: Entry, key: Key): ReadEntry {
  if (entry.kind === 'numeral') {
    const numeral = parseNumeral(entry.text, key);
    const chord = chordOfNumeral(numeral, key);
    return { chord, numeral, readings: [], notes: null };
  }
  if (entry.kind === 'symbol') {
    const chord = parseSymbol(entry.text);
    const readings = numeralsForChord(chord, key);
    return { chord, numeral: firstNumeral(readings, entry.text), readings, notes: null };
  }
  if (entry.kind === 'rest')
    throw new TheoryError('entry', entry.text, 'no chord sounds here.', 'Type a chord to have one.');
  if (entry.kind === 'sought')
    throw new TheoryError(
      'entry',
      entry.text,
      'this chord is to be worked back and is not known yet.',
      'Work it back, or type it.',
    );
  if (entry.notes.length === 0)
    throw new TheoryError('entry', '()', 'there are no notes between these brackets.', 'Write (C4 E4 G4).');
  const notes = entry.notes
    .map(parseNote)
    .sort((a, b) => midiNumber(a) - midiNumber(b) || staffPosition(a) - staffPosition(b));
  const readings = numeralsForNotes(notes, key);
  const best = readings[0];
  return {
    chord: best?.chord ?? identify(notes, { key })[0]!.chord,
    numeral: firstNumeral(readings, entry.notes.join(' ')),
    readings,
    notes,
  };
}

function firstNumeral(readings: readonly NumeralReading[], read: string): Numeral {
  const best = readings[0];
  if (!best)
    throw new TheoryError(
      'numeral',
      read,
      'this chord lies too far from the key to have a numeral in it.',
      'Choose a nearer key, or respell the chord.',
    );
  return best.numeral;
}

/** One piece of a typed line: where it stood, and the entry it gave or the error. */
export type LineToken =
  | {
      readonly text: string;
      readonly start: number;
      readonly end: number;
      readonly entry: Entry;
      readonly read: ReadEntry;
    }
  | { readonly text: string; readonly start: number; readonly end: number; readonly error: TheoryError };

/**
 * Reads a typed line of numerals, symbols, degree numbers and note groups:
 * `I vi V65/ii`, `A F#m7/E`, `1 4 5 1`, `2-5-1`, `(A2 E4 A4 C#5)`. Each piece
 * is read by itself: one that is not understood never takes its neighbours
 * along. Bar lines (|) are passed over.
 */
export function readLine(line: string, key: Key, school: LabelStyle = DEFAULT_LABEL_STYLE): LineToken[] {
  return splitLine(line).flatMap((piece) => ('text' in piece ? chordOfText(piece, key, school) : []));
}

/** One piece of a line; some stand for several columns. Errors stay in their place. */
export function chordOfText(piece: TextPiece, key: Key, school: LabelStyle): LineToken[] {
  if (/^[1-7](?:-[1-7])+$/.test(piece.text)) {
    return piece.text
      .split('-')
      .map((text, index) =>
        readOne({ text, start: piece.start + 2 * index, end: piece.start + 2 * index + 1 }, key, school),
      );
  }
  const cadence = /^V6\/?4[-–](?:5\/?3|7)$/.exec(piece.text);
  if (cadence) {
    // One figure moving over the dominant: two chords.
    const middle = piece.start + piece.text.search(/[-–]/);
    const second = piece.text.endsWith('7') ? 'V7' : 'V';
    return [
      readOne({ text: 'Cad64', start: piece.start, end: middle }, key, school),
      readOne({ text: second, start: middle + 1, end: piece.end }, key, school),
    ];
  }
  return [readOne(piece, key, school)];
}

function readOne(piece: TextPiece, key: Key, school: LabelStyle): LineToken {
  const { text, start, end } = piece;
  const result = memoOf(key, school).of(text, () =>
    attempt(() => {
      const entry = entryOf(text, key, school);
      return { entry, read: chordOfEntry(entry, key) };
    }),
  );
  return result.ok ? { text, start, end, ...result.value } : { text, start, end, error: result.error };
}

type PieceRead = Result<{ readonly entry: Entry; readonly read: ReadEntry }>;

/** What pieces of text are in a key and a school, remembered: while a line is typed, most of it stays. */
const PIECES = new WeakMap<LabelStyle, WeakMap<Key, TextMemo<PieceRead>>>();

function memoOf(key: Key, school: LabelStyle): TextMemo<PieceRead> {
  const keys = PIECES.get(school) ?? new WeakMap<Key, TextMemo<PieceRead>>();
  PIECES.set(school, keys);
  const memo = keys.get(key) ?? new TextMemo<PieceRead>();
  keys.set(key, memo);
  return memo;
}

const NUMERAL_START = /^(?:[b#♭♯]*[iIvV]|N(?:$|6|\/)|It|Fr|Ger|Cad(?:6|$)|CT|sub)/;

/** Decides what a piece is and stores it in plain text. Throws TheoryError. */
export function entryOf(text: string, key: Key, school: LabelStyle = DEFAULT_LABEL_STYLE): Entry {
  if (text.startsWith('(') && text.includes('→')) return numeralEntry(parseNumeral(text, key, school), key);
  if (text.startsWith('(')) return notesEntry(text, school.letters);
  if (/^[1-7]$/.test(text)) return numeralEntry(diatonicNumeral(key, Number(text)), key);
  if (NUMERAL_START.test(text)) return numeralEntry(parseNumeral(text, key, school), key);
  if (school.letters !== 'english' && parseNoteNameAt(text, 0, school.letters))
    return { kind: 'symbol', text: printSymbol(parseSymbol(text, school.letters)) };
  if (/^[A-G]/.test(text)) {
    if (
      /^[A-G](?:##?|bb?|x|♯|♭)?(?:-1|\d)(?:$|[,+])/.test(text) &&
      !/^[A-G](?:##?|bb?|x|♯|♭)?(?:2|5|6|7|9)$/.test(text)
    )
      return notesEntry(text);
    return { kind: 'symbol', text: printSymbol(parseSymbol(text)) };
  }
  throw new TheoryError(
    'entry',
    text,
    'this is neither a numeral, a chord symbol, a degree nor a group of notes.',
    'Write for example V65/ii, F#m7, 4 or (A2 E4 A4 C#5).',
  );
}

function numeralEntry(numeral: Numeral, key: Key): Entry {
  chordOfNumeral(numeral, key);
  return { kind: 'numeral', text: printNumeral(numeral, key) };
}

/** `(A2 E4 A4 C#5)`: notes with octaves; without, they are stacked up from octave 3. */
function notesEntry(text: string, letters: LetterSystem = 'english'): Entry {
  const inner = text.replace(/^\(|\)$/g, '').trim();
  if (text.startsWith('(') && !text.endsWith(')')) {
    throw new TheoryError(
      'entry',
      text,
      'the group of notes has no closing bracket, or something stands after it.',
      'Close it: (A2 E4 A4 C#5).',
    );
  }
  const parts = inner.split(/[\s,+]+/).filter(Boolean);
  if (parts.length > 16)
    throw new TheoryError(
      'entry',
      text,
      'more than 16 notes stand in one group.',
      'Leave out doublings, or write two groups.',
    );
  let last: Note = { step: 0, alteration: 0, octave: 3 };
  const notes = parts.map((part) => {
    if (/\d$/.test(part)) return (last = parseNoteIn(part, letters));
    const name = parseNoteNameIn(part, letters);
    const octave = name.step >= last.step ? last.octave : last.octave + 1;
    return (last = { ...name, octave });
  });
  if (dropDoublings(notes).length < 2) {
    throw new TheoryError(
      'entry',
      text,
      'a chord needs at least two different notes.',
      'Write the notes from the lowest up: (A2 E4 A4 C#5).',
    );
  }
  return { kind: 'notes', notes: notes.map(printNote) };
}

/** The text that gives an entry back when it is typed again in the default school. */
export function entryText(entry: Entry): string {
  return entry.kind === 'notes' ? `(${entry.notes.join(' ')})` : entry.text;
}

/**
 * The text that gives an entry back when it is typed in a line in a school.
 * An entry that cannot be read in the key stands as it is stored.
 */
export function entryTextIn(entry: Entry, key: Key, school: LabelStyle): string {
  if (entry.kind === 'notes' && school.letters !== 'english')
    return `(${entry.notes.map((note) => noteTextIn(note, school.letters)).join(' ')})`;
  if (
    entry.kind === 'notes' ||
    entry.kind === 'sought' ||
    entry.kind === 'rest' ||
    school === DEFAULT_LABEL_STYLE
  )
    return entryText(entry);
  const printed = attempt(() => {
    if (entry.kind === 'symbol')
      return printSymbol(parseSymbol(entry.text), { school: school.symbols, letters: school.letters });
    return printNumeral(parseNumeral(entry.text, key), key, school);
  });
  return printed.ok ? printed.value : entryText(entry);
}

function noteTextIn(text: string, letters: LetterSystem): string {
  const note = parseNote(text);
  return displayNote(note, letters);
}
