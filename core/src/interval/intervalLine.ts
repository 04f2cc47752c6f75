import { attempt, TheoryError } from '../errors';
import { parseNoteIn, parseNoteNameIn } from '../pitch/letters';
import { modulo, staffPosition, type Note, type NoteName } from '../pitch/note';
import type { LetterSystem } from '../pitch/print';
import { intervalBetween, invert, octavesBeyond, transpose, type Interval } from './interval';
import { parseIntervalName } from './readName';

/** Two notes, the first as it was written first. */
export interface NotePair {
  readonly from: Note;
  readonly to: Note;
}

/** One piece of a typed line of intervals: where it stood, and the pair it gave or the error. */
export type IntervalToken =
  | { readonly text: string; readonly start: number; readonly end: number; readonly pair: NotePair }
  | { readonly text: string; readonly start: number; readonly end: number; readonly error: TheoryError };

const MAX_PAIRS = 500;

/** How a line of intervals is read: the letters of the school, and the octave of a note that names none. */
export interface IntervalReading {
  readonly letters?: LetterSystem;
  readonly octave?: number;
}

/**
 * Reads a typed line of intervals, parted by commas: two notes, `G#4 F##5`, or
 * a note and the interval to build on it, `Ab3 M6` upward, `Ab3 M6 down` or `Ab3 -M6` downward.
 * Each piece is read by itself; an unreadable one leaves its neighbours alone.
 */
export function readIntervalLine(line: string, reading: IntervalReading = {}): IntervalToken[] {
  const tokens: IntervalToken[] = [];
  for (const match of line.matchAll(/[^,|]+/g)) {
    const text = match[0].trim();
    if (text === '') continue;
    const start = match.index + match[0].indexOf(text);
    const piece = { text, start, end: start + text.length };
    const pair = attempt(() => readPair(text, reading));
    tokens.push(pair.ok ? { ...piece, pair: pair.value } : { ...piece, error: pair.error });
    if (tokens.length >= MAX_PAIRS) break;
  }
  return tokens;
}

const DEFAULT_OCTAVE = 4;
const WAY_WORDS = /(?:^|\s)(down|below|up|above)(?=\s|$)/gi;

/**
 * Reads one pair: `D3 A3`, `A d7`, `C tritone down`. A letter A–G with an octave is always a note, so an
 * augmented fourth to be built is written `+A4`, `aug 4` or `augmented fourth`; a small d before a number is
 * diminished, unless both notes are written small. A note without an octave stands in the middle, a second
 * one is the next above, or below where `down` is said. Throws TheoryError.
 */
export function readPair(
  text: string,
  { letters = 'english', octave = DEFAULT_OCTAVE }: IntervalReading = {},
): NotePair {
  const ways = [...text.matchAll(WAY_WORDS)].map((match) => match[1]!.toLowerCase());
  const rest = text.replace(WAY_WORDS, ' ').trim();
  const cut = /^(\S+?)(?:[\s–]+|(?<=\d)-(?=[A-Za-z]))(.+)$/.exec(rest);
  if (!cut || ways.length > 1)
    throw new TheoryError(
      'interval',
      text,
      'an interval is two notes, or a note and what to build on it.',
      'Write for example G#4 F##5, Ab3 M6 or Ab3 M6 down, and commas between intervals.',
    );
  const [first, second] = [cut[1]!, cut[2]!.trim()];
  const down = ways[0] === 'down' || ways[0] === 'below';
  const from = parseNoteIn(first, letters, octave);
  const note = noteSaid(first, second, letters);
  if (note) {
    if (note.octave !== null) return { from, to: note as Note };
    return { from, to: nearest(from, note, down) };
  }
  const built = /^([+-])?\s*(.+)$/.exec(second)!;
  const to = transpose(from, wanted(built[2]!), down || built[1] === '-');
  if (to.octave < 0 || to.octave > 9)
    throw new TheoryError(
      'note',
      text,
      'the note built lies outside the keyboard.',
      'Start from an octave nearer the middle.',
    );
  return { from, to };
}

/** The second note where one is said; null where an interval is. */
function noteSaid(
  first: string,
  second: string,
  letters: LetterSystem,
): (NoteName & { octave: number | null }) | null {
  const small = /^d+\d+$/.test(second) && !/^[a-g]\S*\d$/.test(first);
  if (small || /^[+-]/.test(second) || /^[A-Za-z]+\s+\d+(?:st|nd|rd|th)?$/.test(second)) return null;
  const match = /^(\D+?)(-?\d)?$/.exec(second);
  const name = match && attempt(() => parseNoteNameIn(match[1]!, letters));
  if (!name?.ok) return null;
  return { ...name.value, octave: match![2] === undefined ? null : Number(match![2]) };
}

/** A name at its nearest place above a note (or below it); the same letter is the octave. */
function nearest(from: Note, { step, alteration }: NoteName, down: boolean): Note {
  const letters = modulo(down ? from.step - step : step - from.step, 7) || 7;
  const position = staffPosition(from) + (down ? -letters : letters);
  return { step, alteration, octave: Math.floor(position / 7) };
}

/** What is to be built; a tritone upward is the augmented fourth (common practice). */
function wanted(text: string): Interval {
  return /^tritone$/i.test(text.trim()) ? { number: 4, deviation: 1 } : parseIntervalName(text);
}

/**
 * The pair turned over: the lower note of the simple form raised an octave.
 * Null where there is no inversion within the octave.
 */
export function invertPair({ from, to }: NotePair): NotePair | null {
  const measured = intervalBetween(from, to);
  const [low, high] = measured.direction === 'down' ? [to, from] : [from, to];
  const near: Note = { ...high, octave: high.octave - octavesBeyond(measured) };
  if (!attempt(() => invert(measured)).ok) return null;
  return { from: near, to: { ...low, octave: low.octave + 1 } };
}
