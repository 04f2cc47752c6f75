import type { Chord } from '../../chord/chord';
import { fifthsMoved, MODES, keyFromSignature, printKey, type Key, type Mode } from '../../key/key';
import type { Ending } from '../../time/bars';
import { type Metre } from '../../time/metre';
import { all, attributeOf, childrenOf, find, numberIn, tagOf, xmlText, type XmlNode } from './dom';
import type { ScorePart, WrittenNote } from '../../score/model/score';
import type { ScoreSign } from '../../score/model/scoreSign';
import { readChordSymbol, readNoteElementName, type Transposition } from './readNotes';
import { LEFT, type Remarks } from './remarks';
import type { TimedNote } from './scoreIn';

/** More changes of key are a slip of the file. */
const MOST_KEYS = 500;

/** Collects while the measures go by. */
export interface Collected {
  readonly notes: TimedNote[];
  readonly melody: TimedNote[];
  readonly labels: Map<number, { symbol: Chord | null; numeral: string | null }>;
  readonly keys: { at: number; key: Key }[];
  readonly metres: { at: number; metre: Metre }[];
  readonly repeatStarts: Set<number>;
  readonly repeatEnds: Set<number>;
  readonly endings: { from: number; to: number; ending: Ending }[];
  readonly words: Map<number, string>;
  readonly fermatas: Set<number>;
  readonly remarks: Remarks;
  /** The same notes as they are written, with rests, graces and percussion; and the parts. */
  readonly written: WrittenNote[];
  readonly parts: ScorePart[];
  readonly doubles: Set<number>;
  /** Times from which no chord is meant, and the signs of all parts. */
  readonly noChord: Set<number>;
  readonly signs: ScoreSign[];
  tempo: number | null;
  upbeat: number;
}

export function fermataIn(children: readonly XmlNode[]): boolean {
  return all(children, 'notations').some((notations) => find(childrenOf(notations), 'fermata') !== undefined);
}

/** Fermatas and words of a note; of several verses the first. */
export function readMarks(children: readonly XmlNode[], onset: number, c: Collected, where: string): void {
  if (fermataIn(children)) c.fermatas.add(onset);
  const verses = all(children, 'lyric');
  if (verses.length > 1) c.remarks.add(LEFT.verse, where);
  const text = verses[0] ? xmlText(find(childrenOf(verses[0]), 'text')) : '';
  if (text !== '' && !c.words.has(onset)) c.words.set(onset, text.slice(0, 200));
}

/** Repeats and endings of a barline; an open ending is closed by the next sign. */
export function readBarline(children: readonly XmlNode[], now: number, c: Collected, where: string): void {
  const style = xmlText(find(children, 'bar-style'));
  if (style === 'light-light' || style === 'light-heavy') c.doubles.add(now);
  const ending = find(children, 'ending');
  if (ending) {
    const number = /[12]/.exec(attributeOf(ending, 'number') ?? '')?.[0] as Ending | undefined;
    const last = c.endings[c.endings.length - 1];
    if (attributeOf(ending, 'type') === 'start') {
      if (number) c.endings.push({ from: now, to: Infinity, ending: number });
      else c.remarks.add(LEFT.ending, where);
    } else if (last && last.to === Infinity) last.to = now;
  }
  const repeat = find(children, 'repeat');
  if (!repeat) return;
  if (attributeOf(repeat, 'direction') === 'forward') c.repeatStarts.add(now);
  else c.repeatEnds.add(now);
}

/** The sounding key of a signature; a part that transposes writes another than it sounds in. */
export function readKeySignature(
  nodes: readonly XmlNode[],
  at: number,
  transposition: Transposition | null,
  c: Collected,
  where: string,
): void {
  const key = find(nodes, 'key');
  if (!key) return;
  const written = numberIn(find(childrenOf(key), 'fifths')) ?? 0;
  const fifths = transposition ? fifthsMoved(written, transposition.halfSteps) : written;
  if (!Number.isInteger(fifths) || Math.abs(fifths) > 7) return c.remarks.add(LEFT.signature, where);
  const mode = xmlText(find(childrenOf(key), 'mode'));
  const read = keyFromSignature(
    fifths,
    (MODES as readonly string[]).includes(mode) ? (mode as Mode) : 'major',
  );
  const last = c.keys[c.keys.length - 1];
  if (c.keys.length >= MOST_KEYS) return c.remarks.add(LEFT.keys, where);
  if (!last || printKey(last.key) !== printKey(read)) c.keys.push({ at: last ? at : 0, key: read });
}

/** The metre of attributes, an additive one as the sum of its beats; null for none, or one that no bar has. */
export function metreIn(nodes: readonly XmlNode[]): Metre | null {
  const time = find(nodes, 'time');
  if (!time) return null;
  const children = childrenOf(time);
  const over = all(children, 'beats')
    .flatMap((beats) => xmlText(beats).split('+'))
    .reduce((sum, beats) => sum + (Number(beats) || 0), 0);
  const under = numberIn(find(children, 'beat-type')) ?? 0;
  const isMetre = Number.isInteger(over) && over >= 1 && over <= 99 && [1, 2, 4, 8, 16].includes(under);
  return isMetre ? { over, under } : null;
}

export function readMetre(nodes: readonly XmlNode[], at: number, c: Collected, where: string): void {
  const time = find(nodes, 'time');
  if (!time || find(childrenOf(time), 'senza-misura')) return;
  const metre = metreIn(nodes);
  if (!metre) return c.remarks.add(LEFT.metre, where);
  const last = c.metres[c.metres.length - 1];
  if (last?.metre.over !== metre.over || last.metre.under !== metre.under) c.metres.push({ at, metre });
}

/** Tempo of a direction; what a line cannot hold of it is told. */
export function readDirection(nodes: readonly XmlNode[], c: Collected, where: string): void {
  const sound = find(nodes, 'sound');
  const tempo = sound ? Number(attributeOf(sound, 'tempo')) : NaN;
  if (tempo >= 20 && tempo <= 400) c.tempo ??= Math.round(tempo);
  for (const type of all(nodes, 'direction-type'))
    for (const mark of childrenOf(type)) if (tagOf(mark) === 'pedal') c.remarks.add(LEFT.pedal, where);
}

export function readHarmony(children: readonly XmlNode[], at: number, c: Collected, where: string): void {
  const label = c.labels.get(at) ?? { symbol: null, numeral: null };
  const functionText = xmlText(find(children, 'function'));
  if (functionText !== '' && functionText.length <= 80) label.numeral = functionText;
  if (xmlText(find(children, 'kind')) === 'none') {
    c.noChord.add(at);
    c.remarks.add(LEFT.noChord, where);
    return;
  }
  const root = find(children, 'root');
  const name = root ? readNoteElementName(childrenOf(root), 'root-', c.remarks, where) : null;
  if (name) {
    label.symbol = readChordSymbol(children, name, c.remarks, where);
    if (!label.symbol) c.remarks.add(LEFT.harmony, where);
  }
  c.labels.set(at, label);
}
