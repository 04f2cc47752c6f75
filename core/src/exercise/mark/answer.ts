import { attempt, TheoryError } from '../../errors';
import { parseChordText, readInversion, type ChordAnswer } from './chordText';
import { familyConfused, readIntervalName } from '../../interval/readName';
import { printInterval } from '../../interval/interval';
import { parseKey, printKey } from '../../key/key';
import { parseNumeral } from '../../label/numeralParse';
import { printNumeral } from '../../label/numeralPrint';
import { parseNoteIn, parseNoteNameIn } from '../../pitch/letters';
import { printNote, printNoteName } from '../../pitch/print';
import { DEFAULT_SCHOOL, type School } from '../../school/school';
import { dividedAnswer, alsoIn } from '../ask/also';
import type { Given } from '../ask/question';
import { answerType } from './answerType';

/** The notes over a bass and their numeral. */
export interface FiguredAnswer {
  readonly notes: readonly string[];
  readonly numeral: string;
}

/**
 * An answer in the shape of the kind's right answers, however it was written: names of intervals in words, labels of
 * a school, lists with spaces or commas. What is left out of a list stays out. Throws TheoryError for what cannot be
 * read as an answer of the kind.
 */
export function readAnswer(
  kind: string,
  given: Given,
  raw: unknown,
  school: School = DEFAULT_SCHOOL,
): unknown {
  switch (answerType(kind)) {
    case 'interval':
      return readInterval(textOf(raw));
    case 'heard':
      return readHeard(given, raw);
    case 'note':
      return readNote(textOf(raw), school);
    case 'key':
      return readKey(textOf(raw), school);
    case 'word':
      return readWord(raw);
    case 'numeral':
      return readNumeral(textOf(raw), given, school);
    case 'chord':
      return readChord(raw, school);
    case 'figured':
      return readFigured(raw, given, school);
    case 'notes':
      return listOf(raw).map((text) => readNote(text, school));
    case 'labels':
      return readLabels(raw, given, school);
    case 'map':
      return readMap(raw, given, school);
    case 'voices':
      return readVoices(raw, school);
    case 'faults':
      return readFaults(raw);
    case 'text':
      return textOf(raw).toLowerCase().replace(/\s+/g, ' ');
  }
}

function readWord(raw: unknown): string {
  return (
    textOf(raw)
      .toLowerCase()
      .replace(/\b(?:cadence|note|tone|degree)\b/g, '')
      // An authentic cadence may be called perfect or imperfect; an imperfect one alone is a half cadence.
      .replace(/\b(?:im)?perfect authentic\b/, 'authentic')
      .replace(/\bimperfect\b/, 'half')
      .replace(/\bperfect\b/, 'authentic')
      .replace(/\binterrupted\b/, 'deceptive')
      .trim()
  );
}

/** Numerals, and after them the name of the cadence where that is asked for as well. */
function readLabels(raw: unknown, given: Given, school: School): string[] {
  const list = listOf(typeof raw === 'string' && alsoIn(given) ? raw.replace(/\bcadence\b/i, '') : raw);
  const chords = Array.isArray(given['chords']) ? given['chords'].length : list.length;
  const { own, also } =
    alsoIn(given) && list.length > chords ? dividedAnswer(given, list) : { own: list, also: undefined };
  const labels = (own as string[]).map((text) => readNumeral(text, given, school));
  return also === undefined ? labels : [...labels, readWord(also)];
}

function readInterval(text: string): string {
  const read = attempt(() => printInterval(readIntervalName(text)));
  if (read.ok) return read.value;
  // “Major fifth” is none, but it says what was meant.
  if (familyConfused(text)) return text.trim().replace(/\s+/g, ' ');
  throw read.error;
}

function readHeard(given: Given, raw: unknown): unknown {
  if (given['of'] === 'interval') return readInterval(textOf(raw));
  if (given['of'] === 'inversion') return readInversion(raw);
  return textOf(raw)
    .toLowerCase()
    .replace(/\b(?:cadence|triad)\b/g, '')
    .trim()
    .replace(/\s+/g, '-');
}

/** A note with its octave, or its name where none is said. */
function readNote(text: string, school: School): string {
  const written = text.trim();
  return /\d$/.test(written)
    ? printNote(parseNoteIn(written, school.letters))
    : printNoteName(parseNoteNameIn(written, school.letters));
}

function readKey(text: string, school: School): string {
  // Pupils write Gm and G; a lone letter is major.
  const short = /^([A-Ga-g][#b♯♭]?)\s*(m|min|maj)?$/.exec(text.trim());
  const mode = short?.[2]?.startsWith('maj') === false ? 'minor' : 'major';
  return printKey(parseKey(short ? `${short[1]} ${mode}` : text, school.letters));
}

function readNumeral(text: string, given: Given, school: School): string {
  const key = parseKey(String(given['key'] ?? 'C major'));
  return printNumeral(parseNumeral(text.trim(), key, school), key);
}

function readChord(raw: unknown, school: School): ChordAnswer {
  if (typeof raw === 'string') return parseChordText(raw, school);
  const { root, quality, inversion } = record(raw);
  return {
    root: printNoteName(parseNoteNameIn(textOf(root), school.letters)),
    quality: textOf(quality)
      .toLowerCase()
      .replace(/[\s_]+/g, '-'),
    inversion: inversion === undefined ? 0 : readInversion(inversion),
  };
}

function readFigured(raw: unknown, given: Given, school: School): FiguredAnswer {
  // Typed in one line: the notes, then the numeral after a colon or as the last word.
  if (typeof raw === 'string') {
    const [, notes = '', numeral = ''] = /^(.*?)(?::|\s)\s*(\S+)$/.exec(raw.trim()) ?? [];
    return readFigured({ notes: listOf(notes), numeral }, given, school);
  }
  const { notes, numeral } = record(raw);
  return {
    notes: listOf(notes ?? []).map((text) => readNote(text, school).replace(/\d$/, '')),
    numeral: numeral === undefined || numeral === '' ? '' : readNumeral(textOf(numeral), given, school),
  };
}

function readMap(raw: unknown, given: Given, school: School): Record<string, unknown> {
  return Object.fromEntries(
    Object.entries(record(raw)).map(([row, cells]) => [
      row,
      listOf(cells, '|').map((cell) => {
        if (cell === '') return '';
        if (row === 'numerals') return readNumeral(cell, given, school);
        return row === 'notes' ? listOf(cell).map((note) => readNote(note, school)) : cell;
      }),
    ]),
  );
}

function readVoices(raw: unknown, school: School): string[][] {
  if (!Array.isArray(raw))
    throw wrong(shown(raw), 'these are no voices.', 'Give [["B4","D4","G3","G2"], …].');
  return raw.map((own) => listOf(own).map((text) => readNote(text, school)));
}

function readFaults(raw: unknown): { at: number; rule: string }[] {
  if (!Array.isArray(raw))
    throw wrong(shown(raw), 'these are no faults.', 'Give [{"at":2,"rule":"parallel-fifths"}].');
  return raw.map((one) => {
    const { at, rule } = record(one);
    return { at: typeof at === 'number' ? at : NaN, rule: shown(rule) };
  });
}

/** A list as it is given, or as it was typed with spaces and commas. */
export function listOf(raw: unknown, divider = ''): string[] {
  if (Array.isArray(raw))
    return raw.map((one) => (Array.isArray(one) ? one.map(shown).join(' ') : shown(one)));
  if (typeof raw !== 'string')
    throw wrong(shown(raw), 'this is no list.', 'Give for example ["D","F#","A"].');
  const parts = divider === '' ? raw.split(/[\s,;–-]+(?![0-9])/) : raw.split(divider);
  return parts.map((one) => one.trim()).filter((one) => one !== '');
}

/** Anything that was given, as it is said again. */
export function shown(raw: unknown): string {
  return typeof raw === 'string' ? raw : (JSON.stringify(raw) ?? 'nothing');
}

function textOf(raw: unknown): string {
  if (typeof raw === 'string' || typeof raw === 'number') return String(raw).trim();
  throw wrong(shown(raw), 'this is no answer of the kind.', 'Give a text, such as "m6".');
}

function record(raw: unknown): Record<string, unknown> {
  if (typeof raw === 'object' && raw !== null && !Array.isArray(raw)) return raw as Record<string, unknown>;
  throw wrong(shown(raw), 'this is no answer of the kind.', 'Give it in the shape of the right answers.');
}

function wrong(read: string, what: string, right: string): TheoryError {
  return new TheoryError('request', read, what, right);
}

/** Whether two answers are the same; octaves count where both have them. */
export function sameAnswer(a: unknown, b: unknown): boolean {
  if (typeof a === 'string' && typeof b === 'string') {
    if (a === b) return true;
    return NOTE.test(a) && NOTE.test(b) && /\d$/.test(a) !== /\d$/.test(b) && bare(a) === bare(b);
  }
  if (Array.isArray(a) && Array.isArray(b))
    return a.length === b.length && a.every((one, at) => sameAnswer(one, b[at]));
  if (isRecord(a) && isRecord(b)) {
    const fields = Object.keys(a);
    return fields.length === Object.keys(b).length && fields.every((field) => sameAnswer(a[field], b[field]));
  }
  return a === b;
}
const NOTE = /^[A-G](?:#{1,3}|b{1,3})?-?\d?$/;
const bare = (note: string) => note.replace(/-?\d$/, '');
const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
