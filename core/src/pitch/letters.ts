import { attempt, TheoryError } from '../errors';
import { noteName, type Note, type NoteName } from './note';
import { parseNote, parseNoteName, readAccidentals, readNoteName } from './parse';
import { displayNoteName, type LetterSystem } from './print';

const GERMAN_STEPS: Record<string, number> = { C: 0, D: 1, E: 2, F: 3, G: 4, A: 5, H: 6 };
const DO_NAMES: readonly (readonly [string, number])[] = [
  ['sol', 4],
  ['do', 0],
  ['re', 1],
  ['ré', 1],
  ['mi', 2],
  ['fa', 3],
  ['la', 5],
  ['si', 6],
];

/**
 * Reads a note name in the given letter system: `Bb`, German `B`/`Fis`/`Heses`,
 * fixed-do `si♭`. What the system does not know is taken in English where it can
 * be: `C#` and `Bb` among German names. Throws TheoryError `note`.
 */
export function parseNoteNameIn(text: string, letters: LetterSystem): NoteName {
  if (letters === 'english') return parseNoteName(text);
  const own = attempt(() => (letters === 'german' ? parseGerman(text.trim()) : parseFixedDo(text.trim())));
  if (own.ok) return own.value;
  const english = attempt(() => parseNoteName(text));
  if (english.ok) return english.value;
  throw own.error;
}

/**
 * Reads a note with its octave in a letter system: `Fis4`, `sol#3`, `Bb3`. A note without one stands in
 * `octave` where that is given. Throws TheoryError `note`.
 */
export function parseNoteIn(text: string, letters: LetterSystem, octave?: number): Note {
  const trimmed = text.trim();
  const match = /^(.*?)(-1|\d)$/.exec(trimmed);
  if (match && letters === 'english') return parseNote(trimmed);
  if (match) return { ...parseNoteNameIn(match[1]!, letters), octave: Number(match[2]) };
  const name = parseNoteNameIn(trimmed, letters);
  if (octave !== undefined) return { ...name, octave };
  throw new TheoryError(
    'note',
    text,
    'the octave is missing.',
    `Write it after the note: ${displayNoteName(name, letters)}4 stands in the middle.`,
  );
}

function parseGerman(text: string): NoteName {
  if (/^b$/i.test(text)) return noteName(6, -1);
  const match = /^([A-Ha-h])((?:is)*|(?:es)*|s(?:es)*)$/.exec(text);
  const letter = match?.[1]?.toUpperCase() ?? '';
  const step = GERMAN_STEPS[letter];
  const ending = match?.[2] ?? '';
  const vowel = letter === 'E' || letter === 'A';
  if (step === undefined || (ending.startsWith('s') && !vowel) || (ending.startsWith('es') && vowel)) {
    throw new TheoryError(
      'note',
      text,
      'this is not a German note name.',
      'Write C, Fis, Es, B (B flat), H (B natural), Ases and so on.',
    );
  }
  if (ending.startsWith('is')) return noteName(step, ending.length / 2);
  return noteName(step, ending === '' ? 0 : -Math.ceil(ending.length / 2));
}

function parseFixedDo(text: string): NoteName {
  const lower = text.toLowerCase();
  const found = DO_NAMES.find(([name]) => lower.startsWith(name));
  if (found) {
    const { alteration, end } = readAccidentals(lower, found[0].length);
    if (end === lower.length) return noteName(found[1], alteration);
  }
  throw new TheoryError(
    'note',
    text,
    'this is not a fixed-do note name.',
    'Write do, ré, mi, fa, sol, la or si, then any accidentals: fa#, si♭.',
  );
}

/**
 * Reads a note name in a letter system at a place in a text, as the root of a
 * symbol; null where none stands. German Asus4 is A with a suspension, not A flat;
 * a small German letter is the root of a minor chord. English letters with an
 * accidental are read in every system: C#m7, Bb7.
 */
export function parseNoteNameAt(
  text: string,
  at: number,
  letters: LetterSystem,
): { name: NoteName; end: number } | null {
  if (letters === 'english') return readNoteName(text, at);
  const rest = text.slice(at);
  if (letters === 'german') return readGerman(rest, at);
  const syllable = /^(?:sol|do|r[eé]|mi|fa|la|si)/i.exec(rest);
  if (!syllable) return readNoteName(text, at);
  const { end } = readAccidentals(rest, syllable[0].length);
  return { name: parseFixedDo(rest.slice(0, end)), end: at + end };
}

const GERMAN_ROOT = /^(?:[AEae](?:(?:is)+|s(?:es)+|s(?!us))?|[Bb]|[CDFGHcdfgh](?:(?:is)+|(?:es)+)?)/;

function readGerman(rest: string, at: number): { name: NoteName; end: number } | null {
  const match = GERMAN_ROOT.exec(rest);
  if (!match) return null;
  const signed = match[0].length === 1 && readAccidentals(rest, 1).end > 1 ? readNoteName(rest, 0) : null;
  if (signed) return { name: signed.name, end: at + signed.end };
  return { name: parseGerman(match[0]), end: at + match[0].length };
}
