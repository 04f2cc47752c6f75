import { attempt, TheoryError } from '../errors';
import { parseNote, type Note } from '../pitch';
import { intervalBetween, invert, octavesBeyond, parseInterval, transpose } from './interval';

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

/**
 * Reads a typed line of intervals, parted by commas: two notes, `G#4 F##5`, or
 * a note and the interval to build on it, `Ab3 M6` upward, `Ab3 -M6` downward.
 * Each piece is read by itself; an unreadable one leaves its neighbours alone.
 */
export function readIntervalLine(line: string): IntervalToken[] {
  const tokens: IntervalToken[] = [];
  for (const match of line.matchAll(/[^,|]+/g)) {
    const text = match[0].trim();
    if (text === '') continue;
    const start = match.index + match[0].indexOf(text);
    const piece = { text, start, end: start + text.length };
    const pair = attempt(() => readPair(text));
    tokens.push(pair.ok ? { ...piece, pair: pair.value } : { ...piece, error: pair.error });
    if (tokens.length >= MAX_PAIRS) break;
  }
  return tokens;
}

/** Reads one pair. Throws TheoryError. */
export function readPair(text: string): NotePair {
  const parts = text.trim().split(/[\s–]+|(?<=\d)-(?=[A-Ga-g])/);
  if (parts.length !== 2) {
    throw new TheoryError(
      'interval',
      text,
      'an interval is two notes, or a note and what to build on it.',
      'Write for example G#4 F##5, Ab3 M6 or Ab3 -M6, and commas between intervals.',
    );
  }
  const from = parseNote(parts[0]!);
  const second = parts[1]!;
  const built = /^([+-])?([PMmAd]+\d+)$/.exec(second);
  if (!built) return { from, to: parseNote(second) };
  const to = transpose(from, parseInterval(built[2]!), built[1] === '-');
  if (to.octave < 0 || to.octave > 9)
    throw new TheoryError(
      'note',
      text,
      'the note built lies outside the keyboard.',
      'Start from an octave nearer the middle.',
    );
  return { from, to };
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
