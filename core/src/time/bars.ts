import { parseLength, printLength, TICKS_A_QUARTER, USUAL_TICKS } from './length';
import { barTicks, beatTicks, parseMetre, printMetre, type Metre } from './metre';

/**
 * What a column says of its time: lengths in quarters as text, and repeats that begin before it or end after
 * it.
 */
export interface Timed {
  readonly length?: string;
  readonly repeatStart?: boolean;
  readonly repeatEnd?: boolean;
  /** The ending in which it stands, at the end of a repeated part. */
  readonly ending?: Ending;
  /** The metre from here on, where it changes: `3/4`. */
  readonly metre?: string;
}

export type Ending = '1' | '2';

/** Where a column stands in its bars. Bars count from 1; an upbeat is bar 0. */
export interface Place {
  readonly bar: number;
  /** The beat from 1, exact, as `1`, `2` or `5/2`. */
  readonly beat: string;
  /** Ticks from the first bar's beginning; negative in an upbeat. */
  readonly start: number;
  readonly ticks: number;
  /** The metre in force, and whether it is another than before. */
  readonly metre: Metre;
  readonly metreBegins: boolean;
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
    ({ length, repeatStart, repeatEnd, ending, metre }) =>
      [length, ending, metre].some((said) => said !== undefined) || repeatStart || repeatEnd,
  );
}

/**
 * The places of all columns. `upbeat` is the length of an upbeat in quarters, `0` for none. A column that
 * changes the metre begins a bar. Throws TheoryError for a metre or a length that is none.
 */
export function placesOf(columns: readonly Timed[], metre: Metre, upbeat = '0'): Place[] {
  let current = metre;
  let start = upbeat === '0' ? 0 : -parseLength(upbeat);
  // Where the metre began, and how many bars lie before it.
  let since = 0;
  let before = 0;
  return columns.map((column) => {
    const ticks = ticksOfColumn(column);
    const next = column.metre === undefined ? current : parseMetre(column.metre);
    const metreBegins = next.over !== current.over || next.under !== current.under;
    if (metreBegins) {
      before += Math.ceil((start - since) / barTicks(current));
      since = start;
      current = next;
    }
    const bar = barTicks(current);
    const number = Math.floor((start - since) / bar);
    const within = start - since - number * bar;
    // An upbeat is counted as the end of a whole bar.
    const place: Place = {
      bar: before + number + 1,
      beat: beatText(within, beatTicks(current)),
      start,
      ticks,
      metre: current,
      metreBegins,
      opens: within === 0,
      closes: (within + ticks) % bar === 0,
    };
    start += ticks;
    return place;
  });
}

/** A bar of a line, as far as the line reaches into it. */
export interface Bar {
  readonly number: number;
  /** Ticks from the first bar's beginning. */
  readonly from: number;
  readonly to: number;
  readonly metre: Metre;
  readonly metreBegins: boolean;
}

/** The bars that places fill, in order; a place may reach over several. */
export function barsOf(places: readonly Place[]): Bar[] {
  const bars: Bar[] = [];
  places.forEach(({ start, ticks, bar, metre, metreBegins, beat }, at) => {
    const length = barTicks(metre);
    const within = ((parseBeat(beat) - TICKS_A_QUARTER) * beatTicks(metre)) / TICKS_A_QUARTER;
    const next = places[at + 1];
    const end = start + ticks;
    let from = start - within;
    for (let number = bar; from < end; number++, from += length) {
      const to = Math.min(from + length, next?.metreBegins ? next.start : Infinity);
      const last = bars[bars.length - 1];
      if (last && last.number === number)
        bars[bars.length - 1] = { ...last, to: Math.min(to, Math.max(last.to, end)) };
      else
        bars.push({
          number,
          from: Math.max(from, places[0]!.start),
          to: Math.min(to, end),
          metre,
          metreBegins: metreBegins && number === bar,
        });
    }
  });
  return bars;
}

/** A beat is printed as a length, and so is upbeat time before it. */
function parseBeat(beat: string): number {
  return parseLength(beat);
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
export function printLine(pieces: readonly LinePiece[], metre: Metre, upbeat = '0'): string {
  if (!isTimed(pieces)) return pieces.map(({ text }) => text).join(' ');
  const places = placesOf(pieces, metre, upbeat);
  const words: string[] = [];
  const endingBegins = (at: number) =>
    pieces[at]!.ending !== undefined && pieces[at]!.ending !== pieces[at - 1]?.ending;
  let at = 0;
  let divided = false;
  while (at < pieces.length) {
    let end = at + 1;
    while (
      end < pieces.length &&
      !(places[end]!.opens || pieces[end]!.repeatStart || pieces[end - 1]!.repeatEnd || endingBegins(end))
    )
      end++;
    const own = pieces.slice(at, end);
    const ticks = places[at]!.ticks;
    const whole =
      places[at]!.opens &&
      !divided &&
      ticks * own.length === barTicks(places[at]!.metre) &&
      own.every((piece, i) => piece.length !== undefined && places[at + i]!.ticks === ticks);
    const repeated = pieces[at - 1]?.repeatEnd === true;
    if (own[0]!.repeatStart) words.push('|:');
    else if (endingBegins(at)) {
      // The sign before it and the ending are one: `:|2.`.
      if (repeated) words[words.length - 1] += `${own[0]!.ending}.`;
      else words.push(`|${own[0]!.ending}.`);
    } else if (pieces[at - 1]?.ending !== undefined && own[0]!.ending === undefined) words.push('||');
    else if (places[at]!.opens && !repeated) words.push('|');
    if (places[at]!.metreBegins) words.push(printMetre(places[at]!.metre));
    for (const piece of own)
      words.push(whole ? piece.text : `${piece.text}:${piece.length ?? printLength(USUAL_TICKS)}`);
    if (own[own.length - 1]!.repeatEnd) words.push(':|');
    // After a repeat within a bar, those that follow are not known by their barlines: they say their lengths.
    divided ||= at > 0 && !places[at]!.opens;
    at = end;
  }
  if (places[places.length - 1]!.closes && !pieces[pieces.length - 1]!.repeatEnd) words.push('|');
  return words.join(' ');
}

/**
 * The order in which columns are played: repeated parts twice, the second time with the second ending where
 * there is one. A repeat without a beginning goes back to the last one, or to the front.
 */
export function playedOrder(
  columns: readonly Pick<Timed, 'repeatStart' | 'repeatEnd' | 'ending'>[],
): number[] {
  const order: number[] = [];
  let from = 0;
  columns.forEach(({ repeatStart, repeatEnd }, at) => {
    if (repeatStart) from = at;
    order.push(at);
    if (!repeatEnd) return;
    for (let again = from; again <= at; again++) if (columns[again]!.ending !== '1') order.push(again);
    from = at + 1;
  });
  return order;
}
