import type { Chord } from '../../chord/chord';
import { MODES, keyFromSignature, printKey, type Key, type Mode } from '../../key/key';
import { type Metre } from '../../time/metre';
import { all, attributeOf, childrenOf, find, integer, textOf, wrong, type Node } from './dom';
import { readName, readSymbol } from './readNotes';
import type { TimedNote } from './scoreIn';

/** Collects while the measures go by. */
export interface Collected {
  notes: TimedNote[];
  melody: TimedNote[];
  labels: Map<number, { symbol: Chord | null; numeral: string | null }>;
  keys: { at: number; key: Key }[];
  repeatStarts: Set<number>;
  repeatEnds: Set<number>;
  words: Map<number, string>;
  fermatas: Set<number>;
  tempo: number | null;
  metre: Metre | null;
  otherMetres: number;
  pickup: number;
}

export function fermataIn(children: readonly Node[]): boolean {
  return all(children, 'notations').some((notations) => find(childrenOf(notations), 'fermata') !== undefined);
}

export function readMarks(children: readonly Node[], onset: number, c: Collected): void {
  if (fermataIn(children)) c.fermatas.add(onset);
  const lyric = find(children, 'lyric');
  const text = lyric ? textOf(find(childrenOf(lyric), 'text')) : '';
  if (text !== '' && !c.words.has(onset)) c.words.set(onset, text.slice(0, 200));
}

export function readRepeat(children: readonly Node[], now: number, c: Collected): void {
  const repeat = find(children, 'repeat');
  if (!repeat) return;
  if (attributeOf(repeat, 'direction') === 'forward') c.repeatStarts.add(now);
  else c.repeatEnds.add(now);
}

export function readKey(nodes: readonly Node[], at: number, c: Collected, where: string): void {
  const key = find(nodes, 'key');
  if (!key) return;
  const fifths = integer(find(childrenOf(key), 'fifths'), `the key signature in ${where}`, 0);
  if (Math.abs(fifths) > 7)
    throw wrong(
      `fifths ${fifths} in ${where}`,
      'a signature has at most seven sharps or flats.',
      'Use the enharmonic key.',
    );
  const mode = textOf(find(childrenOf(key), 'mode'));
  const read = keyFromSignature(
    fifths,
    (MODES as readonly string[]).includes(mode) ? (mode as Mode) : 'major',
  );
  if (c.keys.length === 0 || printKey(c.keys[c.keys.length - 1]!.key) !== printKey(read))
    c.keys.push({ at: c.keys.length === 0 ? 0 : at, key: read });
}

export function readMetre(nodes: readonly Node[], c: Collected, where: string): void {
  const time = find(nodes, 'time');
  if (!time) return;
  const over = integer(find(childrenOf(time), 'beats'), `the metre in ${where}`, 0);
  const under = integer(find(childrenOf(time), 'beat-type'), `the metre in ${where}`, 0);
  if (over < 1 || over > 99 || ![1, 2, 4, 8, 16].includes(under)) return;
  if (c.metre === null) c.metre = { over, under };
  else if (c.metre.over !== over || c.metre.under !== under) c.otherMetres++;
}

export function readTempo(nodes: readonly Node[], c: Collected): void {
  const sound = find(nodes, 'sound');
  const tempo = sound ? Number(attributeOf(sound, 'tempo')) : NaN;
  if (tempo >= 20 && tempo <= 400) c.tempo ??= Math.round(tempo);
}

export function readHarmony(nodes: readonly Node[], at: number, c: Collected, where: string): void {
  const label = c.labels.get(at) ?? { symbol: null, numeral: null };
  const functionText = textOf(find(nodes, 'function'));
  if (functionText) label.numeral = functionText;
  const root = find(nodes, 'root');
  if (root) label.symbol = readSymbol(nodes, readName(childrenOf(root), 'root-', where), where);
  c.labels.set(at, label);
}
