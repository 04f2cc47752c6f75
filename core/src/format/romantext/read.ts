import { attempt, TheoryError } from '../../errors';
import { keyOf, parseKey, printKey, sameKey, type Key } from '../../key/key';
import { parseNumeral } from '../../label/numeralParse';
import { printNumeral } from '../../label/numeralPrint';
import { ROMANTEXT } from '../../school/school';
import { parseNoteName } from '../../pitch/parse';
import { barTicks, parseMetre, type Metre } from '../../time/metre';
import { printLength, USUAL_TICKS } from '../../time/length';
import type { LineColumn } from '../../line/column';
import { PLAIN_LINE, type Carried, type LineFile } from '../lineFile';
import { lengthText, ticksOfBeat } from './beats';

/** A text without a time signature is in common time. */
const UNSAID_METRE = '4/4';
const MOST_CHORDS = 2000;
const MOST_LETTERS = 2_000_000;

/**
 * Reads RomanText (Tymoczko and others 2019): headers, bars with keys and
 * numerals, beats, phrase ends, repeats. A chord lasts until the next; a numeral
 * that is not read is told in the remarks and never takes its neighbours along.
 * Where the metre changes, the first one stays, which is told. Throws TheoryError `entry` for a text without
 * a bar.
 */
export function readRomanText(text: string): Carried<LineFile> {
  if (text.length > MOST_LETTERS)
    throw new TheoryError(
      'entry',
      `${text.length} letters`,
      'this is too long for a RomanText file.',
      'Read a part of it.',
    );
  const remarks: string[] = [];
  const columns: LineColumn[] = [];
  const bars = new Map<number, string>();
  let title = 'Untitled';
  let source = '';
  let tempo: number = PLAIN_LINE.tempo;
  let metre: Metre | null = null;
  let repeats = false;
  /** Where the bar that is read begins, its first number, and the onset of each chord. */
  let barStart = 0;
  let firstBar: number | null = null;
  let now = 0;
  const onsets: number[] = [];
  let home: Key | null = null;
  let key: Key | null = null;
  const lines = text.split(/\r?\n/);
  lines.forEach((line, number) => {
    const header = /^\s*(Title|Piece|Tempo|Source|Time Signature):\s*(.+?)\s*$/i.exec(line);
    if (header) {
      readHeader(header[1]!.toLowerCase(), header[2]!);
      return;
    }
    const same = /^\s*m(\d+)(?:-(\d+))?\s*=\s*m(\d+)(?:-(\d+))?\s*$/.exec(line);
    if (same) {
      repeat(Number(same[1]), Number(same[3]), Number(same[4] ?? same[3]), line.trim(), number + 1);
      return;
    }
    const bar = /^\s*m(\d+)\S*\s+(.*)$/.exec(line);
    if (!bar) return;
    bars.set(Number(bar[1]), bar[2]!);
    readBar(Number(bar[1]), bar[2]!, number + 1, remarks);
  });
  if (columns.length === 0 || !home)
    throw new TheoryError(
      'entry',
      lines[0] ?? '',
      'this holds no bar with a numeral.',
      'RomanText has lines such as “m1 A: I b2 vi6”.',
    );
  const own = metre ?? parseMetre(UNSAID_METRE);
  const { timed, pickup } = withLengths(columns, onsets, own);
  return {
    value: { title, source, tempo, metre: `${own.over}/${own.under}`, pickup, key: home, columns: timed },
    remarks,
  };

  function readHeader(name: string, value: string): void {
    if (name === 'tempo') tempo = Math.round(Number(value)) || PLAIN_LINE.tempo;
    else if (name === 'source') source = value.slice(0, 200);
    else if (name === 'time signature') {
      const read = attempt(() => parseMetre(value));
      if (metre && read.ok)
        remarks.push(`The metre ${value} was passed over: the whole line has the first one.`);
      else if (read.ok) metre = read.value;
    } else title = value;
  }

  function readBar(bar: number, content: string, number: number, into: string[]): void {
    firstBar ??= bar;
    barStart = (bar - Math.max(1, firstBar)) * barTicks(metre ?? parseMetre(UNSAID_METRE));
    now = barStart;
    for (const token of content.split(/\s+/)) readToken(token, number, into);
  }

  /** Bars that are said to be the same as earlier ones; what was wrong with them was told there. */
  function repeat(to: number, from: number, last: number, line: string, number: number): void {
    if (last - from > MOST_CHORDS) return;
    for (let bar = from; bar <= last; bar++) {
      const content = bars.get(bar);
      if (content === undefined) {
        remarks.push(`Line ${number}: “${line}” repeats bars that were not found.`);
        return;
      }
      bars.set(to + bar - from, content);
      readBar(to + bar - from, content, number, []);
    }
  }

  function readToken(token: string, number: number, into: string[]): void {
    if (token === '' || /^\(.*\)$/.test(token)) return;
    const beat = /^b(\d+(?:\.\d+)?)$/.exec(token);
    if (beat) {
      now = barStart + ticksOfBeat(beat[1]!, metre ?? parseMetre(UNSAID_METRE));
      return;
    }
    if (/^:?\|+:?$/.test(token)) {
      const last = columns[columns.length - 1];
      if (token.startsWith(':') && last) columns[columns.length - 1] = { ...last, repeatEnd: true };
      else if (token.endsWith(':')) repeats = true;
      else if (token.startsWith('||') && last) columns[columns.length - 1] = { ...last, phraseEnd: true };
      return;
    }
    const change = /^([A-Ga-g])([#b-]*):$/.exec(token);
    if (change) {
      key = keyOfToken(change[1]!, change[2]!);
      home ??= key;
      return;
    }
    if (columns.length >= MOST_CHORDS) return;
    const own = (key ??= parseKey('C major'));
    home ??= own;
    const numeral = attempt(() => parseNumeral(token, own, ROMANTEXT));
    if (!numeral.ok) {
      into.push(`Line ${number}: ${numeral.error.message}`);
      return;
    }
    const before = columns.length === 0 ? home : (lastKey() ?? home);
    // Chords without beats of their own follow each other.
    if (onsets.length > 0 && now <= onsets[onsets.length - 1]!)
      now = onsets[onsets.length - 1]! + USUAL_TICKS;
    onsets.push(now);
    columns.push({
      ...(repeats ? { repeatStart: true } : {}),
      entry: { kind: 'numeral', text: printNumeral(numeral.value, own) },
      ...(sameKey(before, own) ? {} : { key: printKey(own) }),
    });
    repeats = false;
  }

  function lastKey(): Key | null {
    for (let at = columns.length - 1; at >= 0; at--)
      if (columns[at]!.key !== undefined) return parseKey(columns[at]!.key!);
    return home;
  }
}

/**
 * Columns that last until the next, the last one to the end of its bar; nothing is said of time where all are
 * half notes in the usual metre.
 */
function withLengths(
  columns: readonly LineColumn[],
  onsets: readonly number[],
  metre: Metre,
): { timed: LineColumn[]; pickup: string } {
  const bar = barTicks(metre);
  const lengths = onsets.map((onset, at) => (onsets[at + 1] ?? (Math.floor(onset / bar) + 1) * bar) - onset);
  const first = ((onsets[0]! % bar) + bar) % bar;
  const plain =
    metre.over === 2 && metre.under === 4 && first === 0 && lengths.every((ticks) => ticks === USUAL_TICKS);
  const unsaid = plain && columns.every(({ repeatStart, repeatEnd }) => !repeatStart && !repeatEnd);
  return {
    timed: unsaid
      ? [...columns]
      : columns.map((column, at) => ({ ...column, length: lengthText(lengths[at]!) })),
    pickup: first === 0 ? '0' : printLength(bar - first),
  };
}

/** A small letter is a minor key; flats may be written as hyphens. */
function keyOfToken(letter: string, signs: string): Key {
  return keyOf(
    parseNoteName(letter.toUpperCase() + signs.replaceAll('-', 'b')),
    letter === letter.toUpperCase() ? 'major' : 'minor',
  );
}
