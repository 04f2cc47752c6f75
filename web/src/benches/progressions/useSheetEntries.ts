import { isRestColumn, isSoughtColumn, printNumeral, type BenchQuestions } from '@diatonix/core';
import { useMemo } from 'react';
import { useSteady } from '../../parts/useSteady';
import type { Bringing, SheetEntry } from '../../parts/ToSheet';
import type { ShownColumn } from './derive';

type Names = readonly [labels: string, notes: string];

export const ON_SHEET: Names = ['The numerals blank', 'The notes blank'];
export const TO_CLASS: Names = ['Its numeral', 'Its notes'];

/** What of a line goes to a sheet: every chord, each in the key that it stands in. */
function sheetEntries(columns: () => readonly ShownColumn[], names: Names): SheetEntry[] {
  const bring =
    (blank: 'labels' | 'notes') =>
    ({ questionsFromLine }: Bringing): BenchQuestions => {
      const chords = columns().flatMap(({ line, labelled }) =>
        line && labelled.ok
          ? [{ key: line.key, numeral: printNumeral(labelled.labels.numeral, line.key) }]
          : [],
      );
      const brought = questionsFromLine(chords, blank);
      return { ...brought, left: [...leftOut(columns()), ...(brought.left ?? [])] };
    };
  return [
    { name: names[0], bring: bring('labels') },
    { name: names[1], bring: bring('notes') },
  ];
}

/** The columns that hold no chord, in words. */
function leftOut(columns: readonly ShownColumn[]): string[] {
  const count = (how: (column: ShownColumn) => boolean, one: string, several: string) => {
    const found = columns.filter(how).length;
    return found === 0 ? [] : [found === 1 ? `1 ${one}` : `${found} ${several}`];
  };
  const isUnread = ({ column, labelled }: ShownColumn) =>
    !labelled.ok && !isRestColumn(column) && !isSoughtColumn(column);
  return [
    ...count(({ column }) => isRestColumn(column), 'column without a chord', 'columns without a chord'),
    ...count(({ column }) => isSoughtColumn(column), 'chord still to be found', 'chords still to be found'),
    ...count(isUnread, 'column that is not understood', 'columns that are not understood'),
  ];
}

/** The entries of some columns; they stay the same while the line is edited. */
export function useSheetEntries(columns: readonly ShownColumn[], names: Names): SheetEntry[] {
  const now = useSteady(() => columns);
  return useMemo(() => sheetEntries(now, names), [now, names]);
}
