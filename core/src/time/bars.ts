import { parseLength, printLength, TICKS_A_QUARTER, USUAL_TICKS } from './length';
import { barTicks, beatTicks, type Metre } from './metre';

/**
 * What a column says of its time: lengths in quarters as text, and repeats that begin before it or end after
 * it.
 */
export interface Timed {
  readonly length?: string;
  readonly repeatStart?: boolean;
  readonly repeatEnd?: boolean;
}

/** Where a column stands in its bars. Bars count from 1; an upbeat is bar 0. */
export interface Place {
  readonly bar: number;
  /** The beat from 1, exact, as `1`, `2` or `5/2`. */
  readonly beat: string;
  /** Ticks from the first bar's beginning; negative in an upbeat. */
  readonly start: number;
  readonly ticks: number;
  /** Whether a bar begins or ends with it. */
  readonly opens: boolean;
  readonly closes: boolean;
}

export function ticksOfColumn({ length }: Timed): number {
  return length === undefined ? USUAL_TICKS : parseLength(length);
}

/** Whether anything is said of lengths and repeats. */
export function isTimed(columns: readonly Timed[]): boolean {
  return columns.some(
    ({ length, repeatStart, repeatEnd }) => length !== undefined || repeatStart || repeatEnd,
  );
}

/** The places of all columns. `pickup` is the length of an upbeat in quarters, `0` for none. */
export function placesOf(columns: readonly Timed[], metre: Metre, pickup = '0'): Place[] {
  const bar = barTicks(metre);
  const beat = beatTicks(metre);
  let start = pickup === '0' ? 0 : -parseLength(pickup);
  return columns.map((column) => {
    const ticks = ticksOfColumn(column);
    const number = Math.floor(start / bar);
    const within = start - number * bar;
    // An upbeat is counted as the end of a whole bar.
    const place: Place = {
      bar: number + 1,
      beat: beatText(within, beat),
      start,
      ticks,
      opens: within === 0,
      closes: (start + ticks) % bar === 0,
    };
    start += ticks;
    return place;
  });
}

function beatText(within: number, beat: number): string {
  return printLength(TICKS_A_QUARTER + (within * TICKS_A_QUARTER) / beat);
}

/** A column of a typed line as it is written: its text and its time. */
export interface LinePiece extends Timed {
  readonly text: string;
}

/**
 * A line as it is typed: plain where nothing is said of time, else with its
 * bars. Chords that share a bar alike stand plain in it, others with their
 * lengths after a colon.
 */
export function printLine(pieces: readonly LinePiece[], metre: Metre, pickup = '0'): string {
  if (!isTimed(pieces)) return pieces.map(({ text }) => text).join(' ');
  const places = placesOf(pieces, metre, pickup);
  const bar = barTicks(metre);
  const words: string[] = [];
  let at = 0;
  while (at < pieces.length) {
    let end = at + 1;
    while (
      end < pieces.length &&
      !(places[end]!.opens || pieces[end]!.repeatStart || pieces[end - 1]!.repeatEnd)
    )
      end++;
    const own = pieces.slice(at, end);
    const ticks = places[at]!.ticks;
    const whole =
      places[at]!.opens &&
      ticks * own.length === bar &&
      own.every((piece, i) => piece.length !== undefined && places[at + i]!.ticks === ticks);
    if (own[0]!.repeatStart) words.push('|:');
    else if (places[at]!.opens && !pieces[at - 1]?.repeatEnd) words.push('|');
    for (const piece of own)
      words.push(whole ? piece.text : `${piece.text}:${piece.length ?? printLength(USUAL_TICKS)}`);
    if (own[own.length - 1]!.repeatEnd) words.push(':|');
    at = end;
  }
  if (places[places.length - 1]!.closes && !pieces[pieces.length - 1]!.repeatEnd) words.push('|');
  return words.join(' ');
}

/**
 * The order in which columns are played: repeated parts twice. A repeat without a beginning goes back to the
 * last one, or to the front.
 */
export function playedOrder(columns: readonly Timed[]): number[] {
  const order: number[] = [];
  let from = 0;
  columns.forEach(({ repeatStart, repeatEnd }, at) => {
    if (repeatStart) from = at;
    order.push(at);
    if (!repeatEnd) return;
    for (let again = from; again <= at; again++) order.push(again);
    from = at + 1;
  });
  return order;
}
