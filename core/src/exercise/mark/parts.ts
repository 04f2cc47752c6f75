import { attempt } from '../../errors';
import { parseInterval, qualityLetters } from '../../interval/interval';
import { parseKey } from '../../key/key';
import { numeralsForNotes } from '../../label/numeralsFor';
import { printNumeral } from '../../label/numeralPrint';
import { parseNoteName } from '../../pitch/parse';
import { alsoIn, dividedAnswer, withoutAlso } from '../ask/also';
import type { Given } from '../ask/question';
import { chordOfQuality } from '../kinds/chordName/qualities';
import { sameAnswer, type FiguredAnswer } from './answer';
import { answerType } from './answerType';
import type { ChordAnswer } from './chordText';

/** A part of an answer: whether it is right, or follows rightly from what the pupil wrote before. */
export interface PartMark {
  readonly part: string;
  readonly got: number;
  readonly of: number;
  /** Right for what was written, though that was wrong. */
  readonly follows?: true;
}

const part = (name: string, right: boolean): PartMark => ({ part: name, got: right ? 1 : 0, of: 1 });

/** The parts of a wrong answer against one right answer. */
export function partsOf(kind: string, given: Given, right: unknown, said: unknown): PartMark[] {
  const besides = alsoIn(given);
  if (besides) {
    const [wanted, got] = [dividedAnswer(given, right), atLength(right, said, given)];
    return [
      ...partsOf(kind, withoutAlso(given), wanted.own, got.own),
      part(besides, sameAnswer(wanted.also, got.also)),
    ];
  }
  switch (answerType(kind)) {
    case 'interval':
    case 'heard':
      return typeof right === 'string' && /^[PMmAd]+\d+$/.test(right)
        ? intervalParts(right, String(said))
        : [part('name', sameAnswer(right, said))];
    case 'note':
      return noteParts(String(right), String(said));
    case 'key':
      return keyParts(String(right), String(said));
    case 'numeral':
      return numeralParts(String(right), String(said));
    case 'chord':
      return chordParts(kind, right as ChordAnswer, said as ChordAnswer);
    case 'figured':
      return figuredParts(given, right as FiguredAnswer, said as FiguredAnswer);
    case 'notes':
      return listParts(kind, right as string[], said as string[]);
    case 'labels':
      return (right as string[]).map((one, at) =>
        part(`chord ${at + 1}`, sameAnswer(one, (said as string[])[at])),
      );
    case 'map':
      return mapParts(right as Row, said as Row);
    default:
      return [part('answer', sameAnswer(right, said))];
  }
}

/** An answer divided where the right one is; what is asked besides is missing from one that is shorter. */
function atLength(right: unknown, said: unknown, given: Given) {
  const short = Array.isArray(said) && Array.isArray(right) && said.length < right.length;
  return short ? { own: said as unknown, also: undefined } : dividedAnswer(given, said);
}

/** The parts that a right answer has, by their names; one alone is no parts. */
export function partNames(kind: string, given: Given, right: unknown): string[] {
  const parts = partsOf(kind, given, right, right).map(({ part: name }) => name);
  return parts.length > 1 && !UNEVEN.has(answerType(kind)) ? parts : [];
}
/** Answers whose parts are as many as the chords of the question. */
const UNEVEN = new Set(['labels', 'map', 'voices', 'faults']);

function intervalParts(right: string, said: string): PartMark[] {
  const wanted = parseInterval(right);
  const read = attempt(() => parseInterval(said));
  // “Major fifth” names no interval, but its number may be right.
  const number = read.ok
    ? read.value.number
    : Number(/\d+/.exec(said)?.[0] ?? ORDINALS.findIndex((one) => said.endsWith(one)) + 1);
  const quality = read.ok && qualityLetters(read.value) === qualityLetters(wanted);
  return [part('number', number === wanted.number), part('quality', quality)];
}
const ORDINALS = ['unison', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'octave'];

function noteParts(right: string, said: string): PartMark[] {
  const [, letter, sign, octave] = NOTE.exec(right) ?? [];
  const [, ownLetter, ownSign, ownOctave] = NOTE.exec(said) ?? [];
  return [
    part('letter', letter === ownLetter),
    part('accidental', sign === ownSign),
    ...(octave && ownOctave ? [part('octave', octave === ownOctave)] : []),
  ];
}
const NOTE = /^([A-G])([#b]*)(-?\d)?$/;

function keyParts(right: string, said: string): PartMark[] {
  const [tonic, mode] = right.split(' ');
  const [own, ownMode] = said.split(' ');
  return [part('tonic', tonic === own), part('mode', mode === ownMode)];
}

const NUMERAL = /^([b#]*[IViv]+)(o|ø|\+)?(\d*)((?:\/.*)?)$/;

/** Degree, case and quality, figures, and the target of an applied chord. */
export function numeralParts(right: string, said: string): PartMark[] {
  const wanted = NUMERAL.exec(right);
  const own = NUMERAL.exec(said);
  if (!wanted || !own) return [part('numeral', right === said)];
  const degree = (match: RegExpExecArray) => match[1]!.toUpperCase();
  const quality = (match: RegExpExecArray) =>
    `${match[1] === match[1]!.toLowerCase()}${match[2] ?? ''}`.replace('ø', 'o');
  return [
    part('degree', degree(wanted) === degree(own)),
    part('quality', quality(wanted) === quality(own)),
    part('figures', wanted[3] === own[3]),
    ...(wanted[4] || own[4] ? [part('target', wanted[4] === own[4])] : []),
  ];
}

function chordParts(kind: string, right: ChordAnswer, said: ChordAnswer): PartMark[] {
  const root = part('root', right.root === said.root);
  const quality = part('quality', right.quality === said.quality);
  if (kind === 'extended-name') return [root, quality];
  const inversion = part('inversion', right.inversion === said.inversion);
  const own = root.got === 1 ? null : inversionOn(said, lowestOf(right));
  return [root, quality, own === said.inversion ? { ...inversion, got: 1, follows: true } : inversion];
}

/** The lowest note of a named chord. */
function lowestOf({ root, quality, inversion }: ChordAnswer): string {
  const chord = chordOfQuality(parseNoteName(root), quality);
  const steps = 'CDEFGAB';
  const letter = (steps.indexOf(root[0]!) + 2 * inversion) % 7;
  return chord ? steps[letter]! : root;
}

/** Which inversion a lowest letter makes on somebody's own root; null where it is no member. */
function inversionOn({ root }: ChordAnswer, lowest: string): number | null {
  const up = ('CDEFGAB'.indexOf(lowest[0]!) - 'CDEFGAB'.indexOf(root[0]!) + 7) % 7;
  return up % 2 === 0 ? up / 2 : null;
}

function figuredParts(given: Given, right: FiguredAnswer, said: FiguredAnswer): PartMark[] {
  const notes = part('notes', sameSet(right.notes, said.notes));
  const numeral = part('numeral', right.numeral === said.numeral);
  if (notes.got === 1 || numeral.got === 1) return [notes, numeral];
  const key = parseKey(String(given['key']));
  const own = attempt(
    () =>
      numeralsForNotes(
        said.notes.map((text) => parseNoteName(text)),
        key,
      )[0],
  );
  const follows = own.ok && own.value && printNumeral(own.value.numeral, key) === said.numeral;
  return [notes, follows ? { ...numeral, got: 1, follows: true } : numeral];
}

const sameSet = (a: readonly string[], b: readonly string[]) => [...a].sort().join() === [...b].sort().join();
const letters = (notes: readonly string[]) => notes.map((text) => text[0]!);
const bare = (text: string | undefined) => (text ?? '').replace(/-?\d$/, '');

function listParts(kind: string, right: readonly string[], said: readonly string[]): PartMark[] {
  if (kind === 'signature-write')
    return [part('accidentals', sameSet(right, said)), part('order', sameAnswer(right, said))];
  const lettersRight = sameAnswer(letters(right), letters(said));
  const lowest = bare(right[0]) === bare(said[0]);
  // Accidentals count for the letters that stand where they should.
  const signs = lettersRight
    ? right.every((text, at) => bare(text) === bare(said[at]))
    : sameSet(right.map(bare), said.map(bare));
  return [
    part('letters', lettersRight || sameSet(letters(right), letters(said))),
    part('accidentals', signs),
    ...(/build|turn/.test(kind) ? [part('lowest note', lowest)] : []),
    ...(kind === 'transpose' ? [part('places', sameAnswer(right, said))] : []),
  ];
}

type Row = Readonly<Record<string, readonly unknown[]>>;

function mapParts(right: Row, said: Row): PartMark[] {
  return Object.entries(right).map(([row, cells]) => ({
    part: row,
    got: cells.filter((cell, at) => sameAnswer(cell, said[row]?.[at])).length,
    of: cells.length,
  }));
}
