import {
  accidentalsThrough,
  displayNoteName,
  halfSteps,
  intervalBetween,
  intervalWords,
  INTERVAL_INVERT,
  INTERVAL_NAME,
  signatureAlteration,
  markQuestion,
  printInterval,
  printNote,
  type ExerciseKind,
  type Marking,
  invert,
  invertPair,
  nameUnderSignature,
  numberWord,
  parseKey,
  parseNote,
  qualityLetters,
  qualityWord,
  simpleForm,
  readPair,
  attempt,
  printedFifths,
  speakNoteName,
  TheoryError,
  vocabulary,
  type IntervalWay,
  type Note,
  type NotePair,
  type LabelStyle,
} from '@diatonix/core';
import type { GridColumn, GridRow } from '../../columns/types';
import type { Engraver } from '@diatonix/engraving';
import { INTERVAL_AND_INVERSION } from '../../notation/frames';
import type { IntervalItem, IntervalLine } from '../../documents/kinds/intervals/type';

/** The rows of the bench, the size in the words of the school. */
export const rowsIn = (school: LabelStyle): readonly GridRow[] => [
  { id: 'letters', label: 'Letters', kind: 'root', parted: true },
  { id: 'number', label: 'Number', kind: 'text' },
  { id: 'quality', label: 'Quality', kind: 'text' },
  { id: 'steps', label: halfStepsTitle(school), kind: 'text' },
  { id: 'inverted', label: 'Inverted', kind: 'root', parted: true },
  { id: 'inversion', label: 'Its name', kind: 'text' },
  { id: 'check', label: 'Check', kind: 'soft' },
];

function halfStepsTitle(school: LabelStyle): string {
  return vocabulary(school).halfSteps.replace(/^./, (letter) => letter.toUpperCase());
}

/** The notes of an item, or why there are none. */
export function pairOf(
  item: IntervalItem,
):
  | { readonly ok: true; readonly from: Note; readonly to: Note }
  | { readonly ok: false; readonly error: TheoryError } {
  if ('from' in item) return { ok: true, from: parseNote(item.from), to: parseNote(item.to) };
  const read = attempt(() => readPair(item.unread));
  return read.ok ? { ok: true, ...read.value } : read;
}

/** The line of intervals as grid columns, with barlines and the accidentals that hold within each bar. */
export function intervalColumns(
  bench: IntervalLine,
  school: LabelStyle,
  engraver: Engraver | null,
): GridColumn[] {
  const fifths = printedFifths(parseKey(bench.key));
  const { items, perBar } = bench;
  const pairs = items.map((item) => pairOf(item));
  const signs = signsOf(
    pairs.map((pair) => (pair.ok ? pair : null)),
    perBar,
    fifths,
  );
  return items.map((item, index): GridColumn => {
    const pair = pairs[index]!;
    const after = (index + 1) % perBar === 0 && index < items.length - 1 ? { after: 'single' as const } : {};
    if (pair.ok)
      return {
        ...intervalColumn(item.id, index, pair, signs[index]!, bench, fifths, school, engraver),
        ...after,
      };
    return {
      id: item.id,
      sentence: `interval ${index + 1}, not understood: ${pair.error.message}`,
      staff: null,
      cells: {},
      problem: 'unread' in item ? item.unread : '',
      ...after,
    };
  });
}

/** Accidentals to be written in one bar, for each interval those of the pair and those of its inversion. */
interface PairSigns {
  readonly own: readonly (readonly boolean[])[];
  readonly turned: readonly (readonly boolean[])[];
}

function signsOf(pairs: readonly (NotePair | null)[], perBar: number, fifths: number): PairSigns[] {
  const through = (list: readonly (NotePair | null)[]) =>
    accidentalsThrough(
      list.map((pair, at) => ({
        bar: Math.floor(at / perBar),
        groups: pair ? [[pair.from], [pair.to]] : [],
      })),
      (step) => signatureAlteration(fifths, step),
    );
  const own = through(pairs);
  const turned = through(pairs.map((pair) => pair && invertPair(pair)));
  return pairs.map((_, at) => ({ own: own[at]!, turned: turned[at]! }));
}

function intervalColumn(
  id: string,
  index: number,
  pair: { from: Note; to: Note },
  signs: PairSigns,
  bench: IntervalLine,
  fifths: number,
  school: LabelStyle,
  engraver: Engraver | null,
): GridColumn {
  const { from, to } = pair;
  const interval = intervalBetween(from, to);
  const turned = invertPair(pair);
  const inversion = attempt(() => invert(interval));
  const name = (note: Note) =>
    bench.pencilled
      ? displayNoteName(note, school.letters)
      : displayNoteName(nameUnderSignature(note, fifths), school.letters);
  const staves = [
    { clef: bench.clef, notes: [from], then: [[to]], signs: signs.own },
    ...(turned ? [{ clef: bench.clef, notes: [turned.from], then: [[turned.to]], signs: signs.turned }] : []),
  ];
  const asked = askedOf(bench, id, pair);
  if (asked) return blankColumn(id, index, pair, asked, signs, bench, fifths, school, engraver);
  const simple = simpleForm(interval);
  return {
    id,
    sentence: [
      `interval ${index + 1}`,
      `${speakNoteName(from)} ${interval.direction === 'down' ? 'down to' : 'to'} ${speakNoteName(to)}`,
      intervalWords(interval),
    ].join(', '),
    staff: engraver?.column(staves, INTERVAL_AND_INVERSION, fifths, 'w') ?? null,
    cells: {
      letters: { text: `${name(from)} – ${name(to)}` },
      number: {
        text: `${interval.number} · ${numberWord(interval.number)}${interval.direction === 'down' ? ' down' : ''}`,
      },
      quality: { text: qualityWord(interval).replace('-', ' ') },
      steps: { text: String(Math.abs(halfSteps(interval))) },
      inverted: { text: turned ? `${name(turned.from)} – ${name(turned.to)}` : '' },
      inversion: { text: inversion.ok ? intervalWords(inversion.value) : 'none within the octave' },
      check: {
        text: inversion.ok
          ? `${simple.number} + ${inversion.value.number} = 9 · ` +
            `${qualityLetters(simple)} ↔ ${qualityLetters(inversion.value)}`
          : '',
      },
    },
  };
}

/** The answer given to an interval and its mark; no mark while nothing is answered. */
export function markOf(
  bench: IntervalLine,
  id: string,
  pair: { from: Note; to: Note },
): { readonly answer: string; readonly mark: Marking | null } {
  const answer = bench.answers[id] ?? '';
  const { clef, key } = bench;
  const given = { clef, key, ...named(pair), earlier: earlierInBar(bench, id).map(printNote) };
  const mark = answer === '' ? null : markQuestion(INTERVAL_NAME as ExerciseKind, given, answer);
  return { answer, mark };
}

/** The notes of an interval as a question gives them. */
const named = ({ from, to }: { from: Note; to: Note }) => ({ from: printNote(from), to: printNote(to) });

/** Notes that stand before an interval in its bar. */
function earlierInBar({ items, perBar }: IntervalLine, id: string): Note[] {
  const at = items.findIndex((item) => item.id === id);
  return items.slice(at - (at % perBar), at).flatMap((item) => {
    const pair = pairOf(item);
    return pair.ok ? [pair.from, pair.to] : [];
  });
}

/** The answer given to the inversion of an interval and its mark. */
export function inversionMarkOf(
  bench: IntervalLine,
  id: string,
  pair: { from: Note; to: Note },
): { readonly answer: string; readonly mark: Marking | null } {
  const answer = bench.inversionAnswers[id] ?? '';
  const name = printInterval(intervalBetween(pair.from, pair.to));
  const given = { clef: bench.clef, key: bench.key, ...named(pair), name };
  const mark = answer === '' ? null : markQuestion(INTERVAL_INVERT as ExerciseKind, given, answer);
  return { answer, mark };
}

/** What is still to be named of an interval, and the wrong answer to it. */
export interface BlankToName {
  readonly what: 'name' | 'inversion';
  readonly answer: string;
}

/**
 * What the class has still to name: the interval first, then its inversion, where it has one; null when both
 * are right or nothing is blank.
 */
export function askedOf(bench: IntervalLine, id: string, pair: { from: Note; to: Note }): BlankToName | null {
  if (!bench.naming) return null;
  const own = markOf(bench, id, pair);
  if (own.mark?.verdict !== 'right') return { what: 'name', answer: own.answer };
  if (!invertPair(pair)) return null;
  const turned = inversionMarkOf(bench, id, pair);
  return turned.mark?.verdict === 'right' ? null : { what: 'inversion', answer: turned.answer };
}

/**
 * A column in which something is still to be named: the notes and letters, and a wrong answer in correction
 * ink.
 */
function blankColumn(
  id: string,
  index: number,
  pair: { from: Note; to: Note },
  { what, answer }: BlankToName,
  signs: PairSigns,
  bench: IntervalLine,
  fifths: number,
  school: LabelStyle,
  engraver: Engraver | null,
): GridColumn {
  const { from, to } = pair;
  const interval = intervalBetween(from, to);
  const name = (note: Note) =>
    displayNoteName(bench.pencilled ? note : nameUnderSignature(note, fifths), school.letters);
  const wrong = answer === '' ? null : <span className="wrong">{answer} ✗</span>;
  const open = wrong
    ? { text: `${answer}, wrong`, content: wrong }
    : { text: 'to be named', content: <span className="blank" aria-hidden="true" /> };
  const named = what === 'inversion';
  return {
    id,
    sentence: [
      `interval ${index + 1}`,
      `${speakNoteName(from)} to ${speakNoteName(to)}`,
      ...(named ? [intervalWords(interval)] : []),
      `${named ? 'its inversion ' : ''}${answer === '' ? 'to be named' : `answered ${answer}, wrong`}`,
    ].join(', '),
    staff:
      engraver?.column(
        [{ clef: bench.clef, notes: [from], then: [[to]], signs: signs.own }],
        INTERVAL_AND_INVERSION,
        fifths,
        'w',
      ) ?? null,
    cells: {
      letters: { text: `${name(from)} – ${name(to)}` },
      number: named ? { text: `${interval.number} · ${numberWord(interval.number)}` } : open,
      ...(named ? { quality: { text: qualityWord(interval).replace('-', ' ') }, inversion: open } : {}),
    },
  };
}

export const WAY_NAMES: Record<IntervalWay, string> = {
  scale: 'Scale',
  strip: 'Strip',
  'half-steps': 'Count',
  inversion: 'Invert',
};
