import { TheoryError } from '../errors';
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
 * fixed-do `si♭`. Throws TheoryError `note`.
 */
export function parseNoteNameIn(text: string, letters: LetterSystem): NoteName {
  if (letters === 'german') return parseGerman(text.trim());
  if (letters === 'fixed-do') return parseFixedDo(text.trim());
  return parseNoteName(text);
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
 * symbol; null where none stands. German Asus4 is A with a suspension, not A flat.
 */
export function readNoteNameIn(
  text: string,
  at: number,
  letters: LetterSystem,
): { name: NoteName; end: number } | null {
  if (letters === 'english') return readNoteName(text, at);
  const rest = text.slice(at);
  if (letters === 'german') {
    const match = /^(?:[AE](?:(?:is)+|s(?:es)+|s(?!us))?|B|[CDFGH](?:(?:is)+|(?:es)+)?)/.exec(rest);
    return match ? { name: parseNoteNameIn(match[0], letters), end: at + match[0].length } : null;
  }
  const syllable = /^(?:sol|do|r[eé]|mi|fa|la|si)/.exec(rest);
  if (!syllable) return null;
  const { end } = readAccidentals(rest, syllable[0].length);
  return { name: parseNoteNameIn(rest.slice(0, end), letters), end: at + end };
}
