import { attempt, TheoryError } from '../../errors';
import { LIMITS } from '../../limits';
import { keyOf, parseKey, printKey, sameKey, type Key } from '../../key/key';
import { printNumeral } from '../../label/numeralPrint';
import { parseNoteName } from '../../pitch/parse';
import { barTicks, parseMetre, printMetre, USUAL_METRE } from '../../time/metre';
import { printLength, USUAL_TICKS } from '../../time/length';
import type { LineColumn } from '../../line/column';
import { MOST_COLUMNS } from '../../line/limits';
import { PLAIN_LINE, type Carried, type LineFile } from '../lineFile';
import { soundLine } from '../soundLine';
import { readRomanNumeral } from '../../label/romanAdditions';
import { lengthText, ticksOfBeat } from './beats';
import { Timeline, type BarName } from './timeline';

/** A text without a time signature is in common time. */
const UNSAID_METRE = '4/4';
const MOST_REMARKS = 50;
/** More bars than these are not read. */
const MOST_BARS = 20_000;

/** A chord with the time it begins. */
interface Placed {
  readonly at: number;
  readonly column: LineColumn;
}

/**
 * Reads RomanText (Tymoczko and others 2019): headers, bars with keys and
 * numerals, beats, changes of metre, phrase ends, repeats. A chord lasts until
 * the next. Two keys at one place are one chord in both. Variants are no bars of
 * their own. What is not read is told with its bar and beat and never takes its
 * neighbours along. Throws TheoryError `entry` for a text without a bar.
 */
export function readRomanText(text: string): Carried<LineFile> {
  if (text.length > LIMITS.labelsFile)
    throw new TheoryError(
      'entry',
      `${text.length} letters`,
      'this is too long for a RomanText file.',
      'Read a part of it.',
    );
  const reader = new Reader();
  const lines = text.replace(/^\uFEFF/, '').split(/\r\n?|\n/);
  lines.forEach((line, at) => reader.readLine(line.trim(), at + 1));
  return soundLine(reader.finish(lines[0] ?? ''));
}

class Reader {
  private readonly remarks: string[] = [];
  private readonly chords: Placed[] = [];
  private readonly bars = new Map<string, string>();
  private readonly timeline = new Timeline(parseMetre(UNSAID_METRE));
  private title = '';
  private source = '';
  private tempo: number = PLAIN_LINE.tempo;
  private repeats = false;
  private barsRead = 0;
  /** Whether no more is read. */
  private full = false;
  private now = 0;
  private place = '';
  private home: Key | null = null;
  private key: Key | null = null;
  /** The key of the last chord. */
  private area: Key | null = null;

  readLine(line: string, number: number): void {
    if (line === '' || line.startsWith('%')) return;
    const header = /^(Title|Piece|Tempo|Source|Time Signature)\s*:\s*(.+)$/i.exec(line);
    if (header) return this.readHeader(header[1]!.toLowerCase(), header[2]!.trim());
    const same = /^m(\d{1,5})(?:-(\d{1,5}))?\s*=\s*m(\d{1,5})(?:-(\d{1,5}))?$/.exec(line);
    if (same)
      return this.readSame(Number(same[1]), Number(same[3]), Number(same[4] ?? same[3]), line, number);
    const bar = /^m(\d{1,5})([a-z]?)(\S*)(?:\s+(.*))?$/.exec(line);
    if (!bar) {
      // Words about the piece, such as the analyst’s name, are not its chords.
      if (!/^[\p{L} ]+:/u.test(line)) this.tell(`Line ${number}: “${line.slice(0, 60)}” was not understood.`);
      return;
    }
    const [, digits, letter, rest, content = ''] = bar;
    // `m11var1` says what else could be heard in bar 11.
    if (/^(?:ar\d*|var\d*)/.test(rest!)) return;
    this.bars.set(`${Number(digits)}${letter}`, content);
    this.readBar({ number: Number(digits), ending: letter! }, content, true);
  }

  private readHeader(name: string, value: string): void {
    if (name === 'tempo') this.tempo = Math.round(Number(/\d+/.exec(value)?.[0])) || PLAIN_LINE.tempo;
    else if (name === 'source') this.source = value;
    else if (name === 'time signature') {
      const metre = value === 'C' ? '4/4' : value === 'Cut' || value === 'C|' ? '2/2' : value;
      const read = attempt(() => parseMetre(metre));
      if (read.ok) this.timeline.change(read.value);
      else this.tell(`The metre ${value.slice(0, 20)} is none that a line can have, and was passed over.`);
    } else this.title = value;
  }

  private readBar(bar: BarName, content: string, telling: boolean): void {
    if (this.full || ++this.barsRead > MOST_BARS) {
      if (!this.full) this.tell(`Nothing after m${bar.number} was read: a line has no room for it.`);
      this.full = true;
      return;
    }
    if (!this.timeline.goTo(bar))
      this.tell(`m${bar.number}${bar.ending} stands after a later bar; its chords follow those before it.`);
    this.now = this.timeline.start;
    this.place = `m${bar.number}${bar.ending} b1`;
    for (const token of content.split(/\s+/)) this.readToken(token, bar, telling);
  }

  /** Bars that are said to be the same as earlier ones; what was wrong with them was told there. */
  private readSame(to: number, from: number, last: number, line: string, number: number): void {
    for (let bar = from; bar <= last && !this.full; bar++) {
      const content = this.bars.get(String(bar));
      if (content === undefined)
        return this.tell(`Line ${number}: “${line}” repeats bars that were not found.`);
      this.bars.set(String(to + bar - from), content);
      this.readBar({ number: to + bar - from, ending: '' }, content, false);
    }
  }

  private readToken(token: string, bar: BarName, telling: boolean): void {
    if (token === '' || /^\(.*\)$/.test(token)) return;
    const beat = /^b(\d{1,3}(?:\.\d{1,6})?)$/.exec(token);
    if (beat) {
      this.now = this.timeline.start + ticksOfBeat(beat[1]!, this.timeline.now);
      this.place = `m${bar.number}${bar.ending} ${token}`;
      return;
    }
    if (/^:?\|{1,3}:?$/.test(token)) return this.readSign(token);
    const change = /^([A-Ga-g])([#b-]{0,2});?:$/.exec(token);
    if (change) {
      this.key = keyOfToken(change[1]!, change[2]!);
      this.home ??= this.key;
      return;
    }
    const own = (this.key ??= parseKey('C major'));
    this.home ??= own;
    const numeral = attempt(() => readRomanNumeral(token, own));
    if (!numeral.ok) {
      if (telling) this.tell(`${this.place}: ${numeral.error.message}`);
      return;
    }
    this.addChord(printNumeral(numeral.value, own), own, telling);
  }

  private readSign(token: string): void {
    const last = this.chords.pop();
    if (last) {
      const ended = token.startsWith(':')
        ? { repeatEnd: true }
        : token.startsWith('||') && !token.endsWith(':')
          ? { phraseEnd: true }
          : {};
      this.chords.push({ ...last, column: { ...last.column, ...ended } });
    }
    if (token.endsWith(':') && token.length > 1) this.repeats = true;
  }

  private addChord(text: string, own: Key, telling: boolean): void {
    const last = this.chords[this.chords.length - 1];
    const entry = { kind: 'numeral', text } as const;
    const pivot = last?.at === this.now && this.area !== null && !sameKey(this.area, own);
    if (pivot) {
      // One chord in two keys: it is heard in the old one, and the new one begins with it.
      this.chords.pop();
      const from = printKey(this.area!);
      if (telling) this.tell(`${this.place}: ${describePivot(last.column, from, text, printKey(own))}`);
      this.chords.push({ at: last.at, column: { ...last.column, entry, key: printKey(own) } });
      this.area = own;
      return;
    }
    if (this.chords.length >= MOST_COLUMNS) {
      if (!this.full) this.tell(`Nothing after ${this.place} was read: a line takes ${MOST_COLUMNS} chords.`);
      this.full = true;
      return;
    }
    // Chords without beats of their own follow each other.
    if (last && this.now <= last.at) this.now = last.at + USUAL_TICKS;
    const begins = this.area === null ? !sameKey(this.home!, own) : !sameKey(this.area, own);
    this.chords.push({
      at: this.now,
      column: {
        ...(this.repeats ? { repeatStart: true } : {}),
        entry,
        ...(begins ? { key: printKey(own) } : {}),
      },
    });
    this.area = own;
    this.repeats = false;
  }

  private tell(remark: string): void {
    if (this.remarks.length < MOST_REMARKS) this.remarks.push(remark);
    else if (this.remarks.length === MOST_REMARKS)
      this.remarks.push('There are further remarks of this kind.');
  }

  finish(firstLine: string): Carried<LineFile> {
    const { home } = this;
    if (this.chords.length === 0 || !home)
      throw new TheoryError(
        'entry',
        firstLine,
        'this holds no bar with a numeral.',
        'RomanText has lines such as “m1 A: I b2 vi6”.',
      );
    const [first] = this.timeline.metres;
    const metre = first!.metre;
    const { columns, upbeat } = withLengths(this.chords, this.timeline, first!.at);
    return {
      value: {
        title: this.title,
        source: this.source,
        tempo: this.tempo,
        metre: printMetre(metre),
        upbeat,
        key: home,
        columns,
      },
      remarks: this.remarks,
    };
  }
}

function describePivot({ entry }: LineColumn, from: string, text: string, to: string): string {
  const before = entry.kind === 'numeral' ? entry.text : '?';
  return `${before} in ${from} is ${text} in ${to}: one chord in two keys, kept in the new one.`;
}

/**
 * Columns that last until the next, the last one to the end of its bar; nothing is said of time where all are
 * half notes in the usual metre. A first bar without a beginning is filled up by silence, an upbeat is not.
 */
function withLengths(
  chords: readonly Placed[],
  { metres }: Timeline,
  begins: number,
): { columns: LineColumn[]; upbeat: string } {
  const last = metres[metres.length - 1]!;
  const bar = barTicks(last.metre);
  const end = (at: number) => last.at + (Math.floor((at - last.at) / bar) + 1) * bar;
  const [first] = chords;
  const upbeat = first!.at < 0;
  const columns = chords.map(({ at, column }, index): LineColumn => {
    const before = chords[index - 1]?.at ?? begins;
    const change = index === 0 ? undefined : metres.findLast((one) => one.at > before && one.at <= at);
    return {
      ...column,
      ...(change ? { metre: printMetre(change.metre) } : {}),
      length: lengthText((chords[index + 1]?.at ?? end(at)) - at),
    };
  });
  if (!upbeat && first!.at > 0)
    columns.unshift({ entry: { kind: 'rest', text: 'N.C.' }, length: lengthText(first!.at) });
  const plain =
    printMetre(metres[0]!.metre) === USUAL_METRE &&
    metres.length === 1 &&
    columns.every(
      ({ length, repeatStart, repeatEnd }) =>
        length === printLength(USUAL_TICKS) && !repeatStart && !repeatEnd,
    );
  return {
    columns: plain ? columns.map(({ length: _, ...column }) => column) : columns,
    upbeat: upbeat ? printLength(-first!.at) : '0',
  };
}

/** A small letter is a minor key; flats may be written as hyphens. */
function keyOfToken(letter: string, signs: string): Key {
  return keyOf(
    parseNoteName(letter.toUpperCase() + signs.replaceAll('-', 'b')),
    letter === letter.toUpperCase() ? 'major' : 'minor',
  );
}
