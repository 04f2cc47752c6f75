import {
  displayNote,
  INTERVAL_WAYS,
  parseInterval,
  parseNote,
  printNote,
  readIntervalLine,
  transpose,
  type Clef,
  type IntervalWay,
  type LetterSystem,
} from '@diatonix/core';
import { createDesk, deskFlag, idField, deskOneOf } from '../../documents/store/desk';
import { newId } from '../../documents/store/ids';
import type { IntervalItem, IntervalLine } from '../../documents/kinds/intervals/type';
import { editSingle } from '../../documents/store/store';
import { schoolNow } from '../../documents/store/use';
import { mergeByText } from '../merge';

/** What the Intervals bench shows: the way of working, and the selected interval. */
export const INTERVALS_DESK = createDesk<{
  readonly way: IntervalWay;
  readonly column: string | null;
  /** Whether the pages to print are shown. */
  readonly printing: boolean;
}>('intervals', { way: deskOneOf(INTERVAL_WAYS, 'scale'), column: idField, printing: deskFlag(false) });

const change = (words: string, part: (now: IntervalLine) => Partial<IntervalLine>, burst?: string) =>
  editSingle('intervals', words, (line) => ({ ...line, ...part(line) }), burst);

export const chooseIntervalClef = (clef: Clef) => change('the clef', () => ({ clef }));
export const chooseIntervalKey = (key: string) => change('the signature', () => ({ key }));

export const pencil = (pencilled: boolean) => change('the pencilled accidentals', () => ({ pencilled }));

/** Leaves the names blank, or fills them in again; answers start anew. */
export const nameYourself = (naming: boolean) =>
  change('the blank names', () => ({ naming, answers: {}, inversionAnswers: {} }));

export const answerInterval = (id: string, answer: string) =>
  change('the answer', ({ answers }) => ({ answers: { ...answers, [id]: answer } }));

export const answerInversion = (id: string, answer: string) =>
  change('the answer', ({ inversionAnswers }) => ({
    inversionAnswers: { ...inversionAnswers, [id]: answer },
  }));

/** How many intervals stand in a bar. */
export const choosePerBar = (perBar: number) => change('the bars', () => ({ perBar }));

/** The octave of a typed note that names none: the middle of its clef. */
const MIDDLE: Record<Clef, number> = { treble: 4, alto: 4, tenor: 3, bass: 3 };

/** How a line of intervals is read under a clef, in the letters of the school. */
export function readingIn(clef: Clef, letters: LetterSystem) {
  return { letters, octave: MIDDLE[clef] };
}

/** Reads the whole line anew, keeping the identity of intervals that did not change. */
export function typeIntervals(line: string): void {
  const { letters } = schoolNow();
  editSingle(
    'intervals',
    'typing in the line of intervals',
    (old) => {
      const read = readIntervalLine(line, readingIn(old.clef, letters)).map((token): IntervalItem =>
        'pair' in token
          ? { id: '', from: printNote(token.pair.from), to: printNote(token.pair.to) }
          : { id: '', unread: token.text },
      );
      const items = mergeByText(old.items, read, plainText);
      return items === old.items ? old : { ...old, items };
    },
    `intervals-line ${line.split(',').length}`,
  );
}

export const removeInterval = (id: string) =>
  change('the removed interval', ({ items }) => ({ items: items.filter((item) => item.id !== id) }));

/** Puts the interval after the given one, or at the end; returns its id. */
export function addInterval(from: string, to: string, after: string | null = null): string {
  const id = newId();
  change('the added interval', ({ items }) => {
    const at = after === null ? items.length : items.findIndex((item) => item.id === after) + 1;
    return { items: [...items.slice(0, at), { id, from, to }, ...items.slice(at)] };
  });
  return id;
}

/** Moves both notes up or down an octave. */
export const moveOctave = (id: string, up: boolean) =>
  change('the octave', ({ items }) => ({
    items: items.map((item) => {
      if (item.id !== id || !('from' in item)) return item;
      const move = (note: string) => printNote(transpose(parseNote(note), parseInterval('P8'), !up));
      const [from, to] = [move(item.from), move(item.to)];
      return [from, to].every((note) => /[0-8]$/.test(note)) ? { ...item, from, to } : item;
    }),
  }));

function plainText(item: IntervalItem): string {
  return 'from' in item ? `${item.from} ${item.to}` : item.unread;
}

/** The text of one interval as it stands in the typed line, in the letters of the school. */
export function itemText(item: IntervalItem, letters: LetterSystem): string {
  if (letters === 'english' || !('from' in item)) return plainText(item);
  return [item.from, item.to]
    .map((text) => {
      const note = parseNote(text);
      return displayNote(note, letters);
    })
    .join(' ');
}
