import { attempt, TheoryError } from '../../errors';
import { keyOf, parseKey, printKey, sameKey, type Key } from '../../key';
import { parseNumeral, printNumeral, ROMANTEXT } from '../../label';
import { parseNoteName } from '../../pitch';
import type { LineColumn } from '../../progression';
import type { Carried, LineFile } from '../lineFile';

const DEFAULT_TEMPO = 80;
const MOST_CHORDS = 2000;
const MOST_LETTERS = 2_000_000;

/**
 * Reads RomanText (Tymoczko and others 2019): headers, bars with keys and
 * numerals, phrase ends. Beats and metres are passed over, as a column has one
 * length; a numeral that is not read is told in the remarks and never takes its
 * neighbours along. Throws TheoryError `entry` for a text without a bar.
 */
export function readRomanText(text: string): Carried<LineFile> {
  if (text.length > MOST_LETTERS)
    throw new TheoryError('entry', `${text.length} letters`, 'this is too long for a RomanText file.', 'Read a part of it.');
  const remarks: string[] = [];
  const columns: LineColumn[] = [];
  const bars = new Map<number, string>();
  let title = 'Untitled';
  let tempo = DEFAULT_TEMPO;
  let home: Key | null = null;
  let key: Key | null = null;
  const lines = text.split(/\r?\n/);
  lines.forEach((line, number) => {
    const header = /^\s*(Title|Piece|Tempo):\s*(.+?)\s*$/i.exec(line);
    if (header) {
      if (/tempo/i.test(header[1]!)) tempo = Math.round(Number(header[2])) || DEFAULT_TEMPO;
      else title = header[2]!;
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
    readBar(bar[2]!, number + 1, remarks);
  });
  if (columns.length === 0 || !home)
    throw new TheoryError('entry', lines[0] ?? '', 'this holds no bar with a numeral.', 'RomanText has lines such as “m1 A: I b2 vi6”.');
  return { value: { title, tempo, key: home, columns }, remarks };

  function readBar(content: string, number: number, into: string[]): void {
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
      readBar(content, number, []);
    }
  }

  function readToken(token: string, number: number, into: string[]): void {
    if (token === '' || /^b\d+(?:\.\d+)?$/.test(token) || /^\(.*\)$/.test(token)) return;
    if (/^:?\|+:?$/.test(token)) {
      const last = columns[columns.length - 1];
      if (token.startsWith('||') && last) columns[columns.length - 1] = { ...last, phraseEnd: true };
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
    columns.push({ entry: { kind: 'numeral', text: printNumeral(numeral.value, own) }, ...(sameKey(before, own) ? {} : { key: printKey(own) }) });
  }

  function lastKey(): Key | null {
    for (let at = columns.length - 1; at >= 0; at--) if (columns[at]!.key !== undefined) return parseKey(columns[at]!.key!);
    return home;
  }
}

/** A small letter is a minor key; flats may be written as hyphens. */
function keyOfToken(letter: string, signs: string): Key {
  return keyOf(parseNoteName(letter.toUpperCase() + signs.replaceAll('-', 'b')), letter === letter.toUpperCase() ? 'major' : 'minor');
}
