import { attempt, TheoryError } from '../errors';
import type { Key } from '../key/key';
import { DEFAULT_LABEL_STYLE, type LabelStyle } from '../school/school';
import type { Ending, Timed } from '../time/bars';
import { AGAIN, isRest, isSought, chordOfText, type LineToken, type Rest, type SoughtEntry } from './entry';
import { parseLength, printLength } from '../time/length';
import { barTicks, parseMetre, printMetre, type Metre } from '../time/metre';
import { splitLine, type BarPiece, type TextPiece } from './pieces';

/** A typed line with its bars: every piece with its time, the upbeat, and what is wrong with single bars. */
export interface BarredLine {
  readonly tokens: readonly (BarToken & Timed)[];
  /** Length of the upbeat in quarters; `0` for none. */
  readonly upbeat: string;
  readonly faults: readonly { readonly start: number; readonly end: number; readonly error: TheoryError }[];
}

/** A piece as readLine has it, or a chord that is sought. */
export type BarToken =
  | LineToken
  | {
      readonly text: string;
      readonly start: number;
      readonly end: number;
      readonly entry: SoughtEntry | Rest;
    };

type BarFault = BarredLine['faults'][number];
type Chord = {
  token: BarToken;
  ticks: number | null;
  repeatStart: boolean;
  repeatEnd: boolean;
  ending: Ending | null;
  metre: string | null;
};

/**
 * Reads a typed line as readLine, with its bars: `| I vi | ii:3 V:1 |`. Chords
 * without a length share what is left of their bar alike. A first bar that its
 * lengths do not fill is an upbeat. Without barlines and lengths nothing is
 * said of time. A bar that does not come out is told beside the line, and its
 * chords stand all the same.
 */
export function readBarredLine(
  line: string,
  key: Key,
  metre: Metre,
  school: LabelStyle = DEFAULT_LABEL_STYLE,
): BarredLine {
  const pieces = splitLine(line);
  const timed = pieces.some((piece) => !('text' in piece) || piece.length !== undefined);
  let current = metre;
  let changed: string | null = null;
  let ending: Ending | null = null;
  // How many bars the first ending has; the second lasts as long, or to a double barline.
  let endingBars = 0;
  let left = 0;
  const faults: BarFault[] = [];
  const chords: Chord[] = [];
  let upbeat = 0;
  let position = 0;
  let open: Chord[] = [];
  let repeats = false;
  const barred = pieces.some((piece) => 'sign' in piece);

  const close = (sign: BarPiece | null) => {
    const said = open.reduce((sum, { ticks }) => sum + (ticks ?? 0), 0);
    const unsaid = open.filter(({ ticks }) => ticks === null);
    const bar = barTicks(current);
    const within = ((position % bar) + bar) % bar;
    if (open.length > 0 && unsaid.length > 0 && barred) {
      const free = bar - within - said;
      if (free > 0 && Number.isInteger(free / unsaid.length))
        for (const chord of unsaid) chord.ticks = free / unsaid.length;
      else
        faults.push(
          fault(
            sign ?? lastOf(open),
            `the ${open.length} chords of this bar do not fit in ${printMetre(current)}.`,
          ),
        );
    }
    if (open.length > 0 && unsaid.length === 0 && sign && !sign.sign.startsWith(':')) {
      const total = within + said;
      if (chords.length === open.length && total < bar) upbeat = total;
      else if (total % bar !== 0 && sign.sign === '|')
        faults.push(
          fault(
            sign,
            `this barline stands after ${printLength(total % bar)} of the ${printLength(bar)} quarters ` +
              `of a bar of ${printMetre(current)}.`,
          ),
        );
    }
    position += open.reduce((sum, { ticks }) => sum + (ticks ?? 0), 0);
    if (chords.length === open.length && upbeat > 0) position = 0;
    open = [];
  };

  for (const piece of pieces) {
    if ('sign' in piece) {
      const last = chords[chords.length - 1];
      const filled = open.length > 0;
      close(piece);
      if (piece.sign.startsWith(':') && last) last.repeatEnd = true;
      if (piece.sign.endsWith(':')) repeats = true;
      if (ending === '1' && filled) endingBars++;
      if (ending === '2' && filled) left--;
      if (piece.ending) {
        ending = piece.ending;
        if (ending === '1') endingBars = 0;
        else left = Math.max(1, endingBars);
      } else if (ending !== null && (piece.double || piece.sign !== '|' || (ending === '2' && left <= 0)))
        ending = null;
      continue;
    }
    if ('metre' in piece) {
      const said = attempt(() => parseMetre(piece.metre));
      if (!said.ok) faults.push({ start: piece.start, end: piece.end, error: said.error });
      else {
        close(null);
        changed = chords.length === 0 && printMetre(said.value) === printMetre(metre) ? null : piece.metre;
        current = said.value;
        // A new metre begins a bar.
        position = 0;
      }
      continue;
    }
    const length = piece.length;
    const read = length === undefined ? null : attempt(() => parseLength(length));
    if (read && !read.ok) faults.push({ start: piece.start, end: piece.end, error: read.error });
    for (const token of tokensOf(piece, key, school, chords[chords.length - 1]?.token)) {
      const chord: Chord = {
        token,
        ticks: read?.ok ? read.value : null,
        repeatStart: repeats,
        repeatEnd: false,
        ending,
        metre: changed,
      };
      repeats = false;
      changed = null;
      chords.push(chord);
      open.push(chord);
    }
  }
  close(null);
  const tokens = chords.map(({ token, ticks, repeatStart, repeatEnd, ending: own, metre: from }) => ({
    ...token,
    ...(timed && ticks !== null ? { length: printLength(ticks) } : {}),
    ...(repeatStart ? { repeatStart } : {}),
    ...(repeatEnd ? { repeatEnd } : {}),
    ...(own ? { ending: own } : {}),
    ...(from ? { metre: from } : {}),
  }));
  return { tokens, upbeat: upbeat === 0 ? '0' : printLength(upbeat), faults };
}

function tokensOf(piece: TextPiece, key: Key, school: LabelStyle, before: BarToken | undefined): BarToken[] {
  const { text, start, end } = piece;
  if (isSought(text)) return [{ text, start, end, entry: { kind: 'sought', text } }];
  if (isRest(text)) return [{ text, start, end, entry: { kind: 'rest', text: 'N.C.' } }];
  if (text !== AGAIN) return chordOfText(piece, key, school);
  if (before && 'entry' in before) return [{ ...before, text, start, end }];
  const error = new TheoryError(
    'entry',
    text,
    'there is no chord before it to repeat.',
    'Type the chord itself.',
  );
  return [{ text, start, end, error }];
}

function lastOf(open: readonly Chord[]): { start: number; end: number } {
  const { start, end } = open[open.length - 1]!.token;
  return { start, end };
}

function fault({ start, end }: { start: number; end: number }, what: string): BarFault {
  return {
    start,
    end,
    error: new TheoryError(
      'entry',
      '|',
      what,
      'Give the chords lengths in quarters, as in V7:2, or change the metre.',
    ),
  };
}
