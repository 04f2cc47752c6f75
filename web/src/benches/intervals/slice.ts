import {
  parseNote,
  printNote,
  readIntervalLine,
  transpose,
  parseInterval,
  type Clef,
  type IntervalWay,
} from '@diatonix/core';
import { newId } from '../../workbook/ids';
import type { IntervalItem, IntervalsBenchState } from '../../workbook/model';
import type { WorkbookState } from '../../workbook/store';
import { mergeByText } from '../merge';

export interface IntervalsActions {
  readonly chooseIntervalClef: (clef: Clef) => void;
  readonly chooseIntervalKey: (key: string) => void;
  readonly pencil: (pencilled: boolean) => void;
  readonly chooseIntervalWay: (way: IntervalWay) => void;
  /** Leaves the names blank, or fills them in again; answers start anew. */
  readonly nameYourself: (naming: boolean) => void;
  readonly answerInterval: (id: string, answer: string) => void;
  readonly answerInversion: (id: string, answer: string) => void;
  /** How many intervals stand in a bar. */
  readonly choosePerBar: (perBar: number) => void;
  /** Reads the whole line anew, keeping the identity of intervals that did not change. */
  readonly typeIntervals: (line: string) => void;
  readonly removeInterval: (id: string) => void;
  /** Puts the interval after the given one, or at the end; returns its id. */
  readonly addInterval: (from: string, to: string, after?: string | null) => string;
  /** Moves both notes up or down an octave. */
  readonly moveOctave: (id: string, up: boolean) => void;
}

/** What the Intervals bench decides. */
export function intervalsSlice(get: () => WorkbookState): IntervalsActions {
  const change = (part: (now: IntervalsBenchState) => Partial<IntervalsBenchState>, burst?: string) =>
    get().edit(
      (workbook) => ({ ...workbook, intervals: { ...workbook.intervals, ...part(workbook.intervals) } }),
      burst,
    );
  return {
    chooseIntervalClef: (clef) => change(() => ({ clef })),
    chooseIntervalKey: (key) => change(() => ({ key })),
    pencil: (pencilled) => change(() => ({ pencilled })),
    chooseIntervalWay: (way) => change(() => ({ way })),
    nameYourself: (naming) => change(() => ({ naming, answers: {}, inversionAnswers: {} })),
    answerInterval: (id, answer) => change(({ answers }) => ({ answers: { ...answers, [id]: answer } })),
    answerInversion: (id, answer) =>
      change(({ inversionAnswers }) => ({ inversionAnswers: { ...inversionAnswers, [id]: answer } })),
    choosePerBar: (perBar) => change(() => ({ perBar })),
    typeIntervals: (line) =>
      change(({ items }) => ({ items: mergeByText(items, readItems(line), itemText) }), 'intervals-line'),
    removeInterval: (id) => change(({ items }) => ({ items: items.filter((item) => item.id !== id) })),
    addInterval: (from, to, after = null) => {
      const id = newId();
      change(({ items }) => {
        const at = after === null ? items.length : items.findIndex((item) => item.id === after) + 1;
        return { items: [...items.slice(0, at), { id, from, to }, ...items.slice(at)] };
      });
      return id;
    },
    moveOctave: (id, up) =>
      change(({ items }) => ({
        items: items.map((item) => {
          if (item.id !== id || !('from' in item)) return item;
          const move = (note: string) => printNote(transpose(parseNote(note), parseInterval('P8'), !up));
          const [from, to] = [move(item.from), move(item.to)];
          return [from, to].every((note) => /[0-8]$/.test(note)) ? { ...item, from, to } : item;
        }),
      })),
  };
}

function readItems(line: string): IntervalItem[] {
  return readIntervalLine(line).map((token) =>
    'pair' in token
      ? { id: '', from: printNote(token.pair.from), to: printNote(token.pair.to) }
      : { id: '', unread: token.text },
  );
}

/** The text of one interval as it stands in the entry line. */
export function itemText(item: IntervalItem): string {
  return 'from' in item ? `${item.from} ${item.to}` : item.unread;
}
