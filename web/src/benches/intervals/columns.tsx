import {
  displayNoteName, halfSteps, intervalBetween, intervalWords, markInterval, type IntervalMark, invert, invertPair, nameUnderSignature, numberWord, parseKey, parseNote, qualityLetters, qualityWord, simpleForm, readPair, attempt, printedFifths, speakNoteName, TheoryError,
  type IntervalWay, type Note, type School,
} from '@diatonix/core'; // prettier-ignore
import type { GridColumn, GridRow } from '../../columns/types';
import type { Engraver } from '../../notation/engraver';
import { INTERVAL_AND_INVERSION } from '../../notation/frames';
import type { IntervalItem, IntervalsBenchState } from '../../workbook/model';

export const ROWS: readonly GridRow[] = [
  { id: 'letters', label: 'Letters', kind: 'root', parted: true },
  { id: 'number', label: 'Number', kind: 'text' },
  { id: 'quality', label: 'Quality', kind: 'text' },
  { id: 'steps', label: 'Half steps', kind: 'text' },
  { id: 'inverted', label: 'Inverted', kind: 'root', parted: true },
  { id: 'inversion', label: 'Its name', kind: 'text' },
  { id: 'check', label: 'Check', kind: 'soft' },
];

/** The notes of an item, or why there are none. */
export function pairOf(
  item: IntervalItem,
): { readonly ok: true; readonly from: Note; readonly to: Note } | { readonly ok: false; readonly error: TheoryError } {
  if ('from' in item) return { ok: true, from: parseNote(item.from), to: parseNote(item.to) };
  const read = attempt(() => readPair(item.unread));
  return read.ok ? { ok: true, ...read.value } : read;
}

/** The line of intervals as grid columns. */
export function intervalColumns(bench: IntervalsBenchState, school: School, engraver: Engraver | null): GridColumn[] {
  const fifths = printedFifths(parseKey(bench.key));
  return bench.items.map((item, index) => {
    const pair = pairOf(item);
    if (!pair.ok)
      return {
        id: item.id,
        sentence: `interval ${index + 1}, not understood: ${pair.error.message}`,
        staff: null,
        cells: {},
        problem: 'unread' in item ? item.unread : '',
      };
    return intervalColumn(item.id, index, pair, bench, fifths, school, engraver);
  });
}

function intervalColumn(
  id: string,
  index: number,
  pair: { from: Note; to: Note },
  bench: IntervalsBenchState,
  fifths: number,
  school: School,
  engraver: Engraver | null,
): GridColumn {
  const { from, to } = pair;
  const interval = intervalBetween(from, to);
  const turned = invertPair(pair);
  const inversion = attempt(() => invert(interval));
  const name = (note: Note) =>
    bench.pencilled ? displayNoteName(note, school.letters) : displayNoteName(nameUnderSignature(note, fifths), school.letters);
  const staves = [
    { clef: bench.clef, notes: [from], then: [to] },
    ...(turned ? [{ clef: bench.clef, notes: [turned.from], then: [turned.to] }] : []),
  ];
  const answer = bench.naming ? markOf(bench, id, pair) : null;
  if (answer && answer.mark?.verdict !== 'right') return blankColumn(id, index, pair, answer, bench, fifths, school, engraver);
  const simple = simpleForm(interval);
  return {
    id,
    sentence: `interval ${index + 1}, ${speakNoteName(from)} ${interval.direction === 'down' ? 'down to' : 'to'} ${speakNoteName(to)}, ${intervalWords(interval)}`,
    staff: engraver?.column(staves, INTERVAL_AND_INVERSION, fifths, 'w') ?? null,
    cells: {
      letters: { text: `${name(from)} – ${name(to)}` },
      number: { text: `${interval.number} · ${numberWord(interval.number)}${interval.direction === 'down' ? ' down' : ''}` },
      quality: { text: qualityWord(interval).replace('-', ' ') },
      steps: { text: String(Math.abs(halfSteps(interval))) },
      inverted: { text: turned ? `${name(turned.from)} – ${name(turned.to)}` : '' },
      inversion: { text: inversion.ok ? intervalWords(inversion.value) : 'none within the octave' },
      check: {
        text: inversion.ok ? `${simple.number} + ${inversion.value.number} = 9 · ${qualityLetters(simple)} ↔ ${qualityLetters(inversion.value)}` : '',
      },
    },
  };
}

/** The answer given to an interval and its mark; no mark while nothing is answered. */
export function markOf(
  bench: IntervalsBenchState,
  id: string,
  pair: { from: Note; to: Note },
): { readonly answer: string; readonly mark: IntervalMark | null } {
  const answer = bench.answers[id] ?? '';
  const key = parseKey(bench.key);
  return { answer, mark: answer === '' ? null : markInterval({ from: pair.from, to: pair.to, clef: bench.clef, key }, answer) };
}

/** A column whose name is still to be found: the notes and letters, and a wrong answer in correction ink. */
function blankColumn(
  id: string,
  index: number,
  pair: { from: Note; to: Note },
  { answer }: { answer: string },
  bench: IntervalsBenchState,
  fifths: number,
  school: School,
  engraver: Engraver | null,
): GridColumn {
  const name = (note: Note) => displayNoteName(bench.pencilled ? note : nameUnderSignature(note, fifths), school.letters);
  const wrong = answer === '' ? null : <span className="wrong">{answer} ✗</span>;
  return {
    id,
    sentence: `interval ${index + 1}, ${speakNoteName(pair.from)} to ${speakNoteName(pair.to)}, ${answer === '' ? 'to be named' : `answered ${answer}, wrong`}`,
    staff: engraver?.column([{ clef: bench.clef, notes: [pair.from], then: [pair.to] }], INTERVAL_AND_INVERSION, fifths, 'w') ?? null,
    cells: {
      letters: { text: `${name(pair.from)} – ${name(pair.to)}` },
      number: wrong ? { text: `${answer}, wrong`, content: wrong } : { text: 'to be named', content: <span className="blank" aria-hidden="true" /> },
    },
  };
}

export const WAY_NAMES: Record<IntervalWay, string> = { scale: 'Scale', strip: 'Strip', 'half-steps': 'Half steps', inversion: 'Invert' };
