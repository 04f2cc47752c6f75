import { XMLParser, XMLValidator } from 'fast-xml-parser';
import { makeChord, parseSymbol, printSymbol, sameChord, type Chord } from '../../chord';
import { attempt, TheoryError } from '../../errors';
import { keyFromSignature, MODES, type Key, type Mode } from '../../key';
import { chordOfNumeral, parseNumeral } from '../../label';
import { midiNumber, noteName, LETTERS, type Note, type NoteName } from '../../pitch';
import type { Entry } from '../../progression';
import { membersOfKind, type Degree } from './kinds';

/** What was read from a file: one column an onset. `labelled` columns carried a numeral or a symbol. */
export interface ScoreIn {
  readonly title: string;
  readonly key: Key;
  readonly tempo: number | null;
  readonly columns: readonly ColumnIn[];
}

export interface ColumnIn {
  /** The label in the file as an entry, or null where it had only notes. */
  readonly label: Entry | null;
  /** Every note sounding there, lowest first. */
  readonly notes: readonly Note[];
}

type Node = Record<string, unknown>;
const MAX_NOTES = 100_000;

/**
 * Reads MusicXML (partwise) as columns of sounding notes with their labels.
 * Throws TheoryError `musicxml` saying what was read, what is wrong, and what
 * would be right.
 */
export function readMusicXml(text: string): ScoreIn {
  const valid = XMLValidator.validate(text);
  if (valid !== true) {
    throw wrong(`line ${valid.err.line}`, `the file is not well-formed XML: ${valid.err.msg}`, 'Export the score again as uncompressed MusicXML.');
  }
  const parsed = new XMLParser({ preserveOrder: true, ignoreAttributes: false, parseTagValue: false }).parse(text) as Node[];
  const root = parsed.find((node) => !Object.keys(node)[0]!.startsWith('?'));
  const name = root ? tagOf(root) : 'nothing';
  if (name !== 'score-partwise') {
    const timewise = name === 'score-timewise';
    throw wrong(
      `<${name}>`,
      timewise ? 'the score is written timewise.' : 'this is not a MusicXML score.',
      'The root element should be <score-partwise>.',
    );
  }
  return readScore(childrenOf(root!));
}

function wrong(read: string, what: string, right: string): TheoryError {
  return new TheoryError('musicxml', read, what, right);
}

function tagOf(node: Node): string {
  return Object.keys(node).find((key) => key !== ':@') ?? '';
}

function childrenOf(node: Node): Node[] {
  const value = node[tagOf(node)];
  return Array.isArray(value) ? (value as Node[]) : [];
}

function find(nodes: readonly Node[], name: string): Node | undefined {
  return nodes.find((node) => name in node);
}

function all(nodes: readonly Node[], name: string): Node[] {
  return nodes.filter((node) => name in node);
}

function textOf(node: Node | undefined): string {
  if (!node) return '';
  return childrenOf(node)
    .map((child) => String(child['#text'] ?? ''))
    .join('')
    .trim();
}

function attributeOf(node: Node, name: string): string | undefined {
  const attributes = node[':@'] as Record<string, string> | undefined;
  return attributes?.[`@_${name}`];
}

function integer(node: Node | undefined, where: string, fallback?: number): number {
  const text = textOf(node);
  if (text === '' && fallback !== undefined) return fallback;
  const value = Number(text);
  if (!Number.isInteger(value)) throw wrong(text || 'nothing', `${where} should be a whole number.`, 'Check the file in the program that wrote it.');
  return value;
}

/** Collects timed notes and labels while the measures go by. Times in quarters × `ticks`. */
interface Collected {
  notes: { onset: number; end: number; note: Note }[];
  labels: Map<number, { symbol: Chord | null; numeral: string | null }>;
  fifths: number | null;
  mode: Mode | null;
  tempo: number | null;
}

/** Ticks a quarter: divisible by the usual divisions, so that times stay whole. */
const TICKS = 10_080;

function readScore(nodes: readonly Node[]): ScoreIn {
  const work = find(nodes, 'work');
  const title = textOf(work && find(childrenOf(work), 'work-title')) || textOf(find(nodes, 'movement-title')) || 'Imported progression';
  const collected: Collected = { notes: [], labels: new Map(), fifths: null, mode: null, tempo: null };
  const parts = all(nodes, 'part');
  if (parts.length === 0) throw wrong('<score-partwise>', 'the score has no part.', 'A score has at least one <part> with measures.');
  for (const part of parts) readPart(childrenOf(part), collected);
  const key = keyFromSignature(Math.max(-7, Math.min(7, collected.fifths ?? 0)), collected.mode ?? 'major');
  return { title, key, tempo: collected.tempo, columns: columnsOf(collected, key) };
}

function readPart(measures: readonly Node[], collected: Collected): void {
  let measureStart = 0;
  let divisions = 1;
  for (const measure of all(measures, 'measure')) {
    const where = `bar ${attributeOf(measure, 'number') ?? '?'}`;
    let now = measureStart;
    let furthest = measureStart;
    let lastOnset = measureStart;
    const ticksOf = (node: Node) => Math.round((integer(find(childrenOf(node), 'duration'), `the duration in ${where}`, 0) * TICKS) / divisions);
    for (const node of childrenOf(measure)) {
      switch (tagOf(node)) {
        case 'attributes':
          divisions = Math.max(1, integer(find(childrenOf(node), 'divisions'), `divisions in ${where}`, divisions));
          readKey(childrenOf(node), collected, where);
          break;
        case 'backup':
          now = Math.max(measureStart, now - ticksOf(node));
          break;
        case 'forward':
          now += ticksOf(node);
          break;
        case 'direction':
          readTempo(childrenOf(node), collected);
          break;
        case 'harmony':
          readHarmony(childrenOf(node), now, collected, where);
          break;
        case 'note': {
          const children = childrenOf(node);
          if (find(children, 'grace')) break;
          const onset = find(children, 'chord') ? lastOnset : now;
          const length = ticksOf(node);
          const note = readPitch(children, where);
          if (note) collected.notes.push({ onset, end: onset + length, note });
          if (collected.notes.length > MAX_NOTES) throw wrong(where, `the score has more than ${MAX_NOTES} notes.`, 'Import a part of it.');
          lastOnset = onset;
          if (!find(children, 'chord')) now = onset + length;
          break;
        }
      }
      furthest = Math.max(furthest, now);
    }
    measureStart = furthest;
  }
}

function readKey(nodes: readonly Node[], collected: Collected, where: string): void {
  const key = find(nodes, 'key');
  if (!key || collected.fifths !== null) return;
  const fifths = integer(find(childrenOf(key), 'fifths'), `the key signature in ${where}`, 0);
  if (Math.abs(fifths) > 7) throw wrong(`fifths ${fifths} in ${where}`, 'a signature has at most seven sharps or flats.', 'Use the enharmonic key.');
  const mode = textOf(find(childrenOf(key), 'mode'));
  collected.fifths = fifths;
  collected.mode = (MODES as readonly string[]).includes(mode) ? (mode as Mode) : 'major';
}

function readTempo(nodes: readonly Node[], collected: Collected): void {
  const sound = find(nodes, 'sound');
  const tempo = sound ? Number(attributeOf(sound, 'tempo')) : NaN;
  if (tempo >= 20 && tempo <= 400) collected.tempo ??= Math.round(tempo);
}

function readName(nodes: readonly Node[], prefix: string, where: string): NoteName {
  const letter = textOf(find(nodes, `${prefix}step`));
  const step = letter.length === 1 ? LETTERS.indexOf(letter) : -1;
  if (step < 0) throw wrong(letter || 'nothing', `a note in ${where} has no letter from A to G.`, 'Each <step> holds one capital letter.');
  return noteName(step, integer(find(nodes, `${prefix}alter`), `an alteration in ${where}`, 0));
}

function readPitch(nodes: readonly Node[], where: string): Note | null {
  const pitch = find(nodes, 'pitch');
  if (!pitch) return null;
  const children = childrenOf(pitch);
  const octave = integer(find(children, 'octave'), `an octave in ${where}`);
  if (octave < 0 || octave > 9) throw wrong(`octave ${octave} in ${where}`, 'octaves go from 0 to 9.', 'Middle C is C4.');
  return { ...readName(children, '', where), octave };
}

function readHarmony(nodes: readonly Node[], at: number, collected: Collected, where: string): void {
  const label = collected.labels.get(at) ?? { symbol: null, numeral: null };
  const functionText = textOf(find(nodes, 'function'));
  if (functionText) label.numeral = functionText;
  const root = find(nodes, 'root');
  if (root) label.symbol = readSymbol(nodes, readName(childrenOf(root), 'root-', where), where);
  collected.labels.set(at, label);
}

function readSymbol(nodes: readonly Node[], root: NoteName, where: string): Chord | null {
  const kind = find(nodes, 'kind');
  const bassNode = find(nodes, 'bass');
  const bass = bassNode ? readName(childrenOf(bassNode), 'bass-', where) : undefined;
  const degrees = all(nodes, 'degree').map((node): Degree => {
    const children = childrenOf(node);
    const type = textOf(find(children, 'degree-type'));
    return {
      degree: integer(find(children, 'degree-value'), `a degree in ${where}`),
      alter: integer(find(children, 'degree-alter'), `a degree in ${where}`, 0),
      type: type === 'subtract' || type === 'alter' ? type : 'add',
    };
  });
  const list = membersOfKind(textOf(kind), degrees);
  if (!list) return null;
  const chord = attempt(() => {
    const made = makeChord(root, list, bass);
    return parseSymbol(printSymbol(made));
  });
  return chord.ok ? chord.value : null;
}

function columnsOf(collected: Collected, key: Key): ColumnIn[] {
  const onsets = [...new Set([...collected.notes.map((n) => n.onset), ...collected.labels.keys()])].sort((a, b) => a - b);
  const sorted = [...collected.notes].sort((a, b) => a.onset - b.onset);
  let next = 0;
  let sounding: Collected['notes'] = [];
  const columns: ColumnIn[] = [];
  for (const onset of onsets) {
    while (next < sorted.length && sorted[next]!.onset <= onset) sounding.push(sorted[next++]!);
    sounding = sounding.filter((n) => n.end > onset);
    const notes = sounding.map((n) => n.note).sort((a, b) => midiNumber(a) - midiNumber(b));
    columns.push({ label: labelOf(collected.labels.get(onset), key), notes });
  }
  return columns;
}

/** A numeral is kept where it can be read and agrees with the symbol beside it. */
function labelOf(label: { symbol: Chord | null; numeral: string | null } | undefined, key: Key): Entry | null {
  if (!label) return null;
  const { symbol, numeral } = label;
  if (numeral !== null) {
    const read = attempt(() => chordOfNumeral(parseNumeral(numeral, key), key));
    if (read.ok && (!symbol || sameChord(read.value, symbol))) return { kind: 'numeral', text: numeral };
  }
  return symbol ? { kind: 'symbol', text: printSymbol(symbol) } : null;
}
