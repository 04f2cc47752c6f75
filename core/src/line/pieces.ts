import { MOST_COLUMNS } from './limits';

/** A piece of a typed line, with where it stood. */
export interface TextPiece {
  readonly text: string;
  readonly start: number;
  readonly end: number;
  /** What stood after a colon: its length in quarters. */
  readonly length?: string;
}

/** A barline or repeat sign of a typed line. */
export interface BarPiece {
  readonly sign: '|' | '|:' | ':|' | ':|:';
  /** The ending that begins after it: `|1.`, `:|2.`. */
  readonly ending: '1' | '2' | null;
  /** Two lines, which also end an ending. */
  readonly double: boolean;
  readonly start: number;
  readonly end: number;
}

/** A metre that stands after a barline. */
export interface MetrePiece {
  readonly metre: string;
  readonly start: number;
  readonly end: number;
}

/**
 * A bracketed group with what hangs on it, a barline or repeat sign (`|`, `||:`, `:|2.`), or a word (`V of ii,
 * first inversion` is one).
 */
const BAR = String.raw`:?\|+(?:[12]\.|:(?!\|))?`;
const WORD = String.raw`(?:(?!:\|)[^\s|])`;
const INVERSION = String.raw`(?<=,)\s+(?:root position|(?:first|second|third) inversion)(?::\d+(?:\/\d+)?)?`;
const PATTERN = new RegExp(
  String.raw`${BAR}|(?:\([^()]*\)${WORD}*|${WORD}+(?:\s+of\s+${WORD}+)*)(?:${INVERSION})?`,
  'gu',
);

/** Numerals, symbols or degrees joined by dashes: `I-IV-V`, `Dm7–G7–C`. A dash in a symbol (C-7) joins nothing. */
const SYLLABLE = '(?:[Dd]o|[Rr][eé]|[Mm]i|[Ff]a|[Ss]ol|[Ll]a|[Ss]i)';
const START = `(?:[b#♭♯]*[ivIV]+|[A-H][b#♭♯]?|${SYLLABLE})`;
const JOINED = new RegExp(`^${START}[^-–]*(?:[-–]${START}[^-–]*)+$`, 'u');

/** Splits a line at spaces and barlines, keeping bracketed groups whole and `V of ii` together. */
export function splitLine(line: string): (TextPiece | BarPiece | MetrePiece)[] {
  const pieces: (TextPiece | BarPiece | MetrePiece)[] = [];
  for (const match of line.matchAll(PATTERN)) {
    const [text, start, end] = [match[0], match.index, match.index + match[0].length];
    const bar = /^(:?)(\|+)(?:([12])\.|(:))?$/.exec(text);
    if (bar) {
      const sign = `${bar[1]}|${bar[4] ?? ''}` as BarPiece['sign'];
      const ending = (bar[3] ?? null) as BarPiece['ending'];
      pieces.push({ sign, ending, double: bar[2]!.length > 1, start, end });
    } else if (/^\d{1,2}\/(?:1|2|4|8|16)$/.test(text)) pieces.push({ metre: text, start, end });
    else pieces.push(...joinedPieces(text, start));
    if (pieces.length >= MOST_COLUMNS - 1) {
      // A line takes no more: the rest stays as one piece, and is told as one that is not read.
      const from = pieces[MOST_COLUMNS - 2]!.end;
      const rest = line.slice(from).trim();
      const kept = pieces.slice(0, MOST_COLUMNS - 1);
      return rest === ''
        ? kept
        : [...kept, { text: rest, start: line.indexOf(rest, from), end: from + rest.length }];
    }
  }
  return pieces;
}

/** One piece, or several that dashes join. */
function joinedPieces(text: string, start: number): TextPiece[] {
  if (text.startsWith('(') || !JOINED.test(text)) return [timed(text, start)];
  let at = start;
  return text.split(/[-–]/u).map((part) => {
    const piece = timed(part, at);
    at += part.length + 1;
    return piece;
  });
}

function timed(text: string, start: number): TextPiece {
  const end = start + text.length;
  const match = /^(.+):(\d+(?:\/\d+)?)$/u.exec(text);
  return match ? { text: match[1]!, start, end, length: match[2]! } : { text, start, end };
}
