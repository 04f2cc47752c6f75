/** A piece of a typed line, with where it stood. */
export interface Piece {
  readonly text: string;
  readonly start: number;
  readonly end: number;
  /** What stood after a colon: its length in quarters. */
  readonly length?: string;
}

/** A barline or repeat sign of a typed line. */
export interface BarPiece {
  readonly sign: '|' | '|:' | ':|' | ':|:';
  readonly start: number;
  readonly end: number;
}

const MAX_PIECES = 2000;

/** A bracketed group with what hangs on it, a repeat sign, a barline, or a word (`V of ii` is one). */
const PATTERN =
  /\([^()]*\)(?:(?!:\|)[^\s|])*|:\|:?|\|:|\|+|(?:(?!:\|)[^\s|])+(?:\s+of\s+(?:(?!:\|)[^\s|])+)*/gu;

/** Splits a line at spaces and barlines, keeping bracketed groups whole and `V of ii` together. */
export function splitLine(line: string): (Piece | BarPiece)[] {
  const pieces: (Piece | BarPiece)[] = [];
  for (const match of line.matchAll(PATTERN)) {
    const [start, end] = [match.index, match.index + match[0].length];
    if (/^:?\|/.test(match[0])) {
      pieces.push({ sign: (match[0].startsWith('||') ? '|' : match[0]) as BarPiece['sign'], start, end });
      continue;
    }
    const timed = /^(.+):(\d+(?:\/\d+)?)$/u.exec(match[0]);
    pieces.push(timed ? { text: timed[1]!, start, end, length: timed[2]! } : { text: match[0], start, end });
    if (pieces.length >= MAX_PIECES) break;
  }
  return pieces;
}
