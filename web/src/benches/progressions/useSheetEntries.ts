import { printKey, printNumeral, TheoryError, type BenchQuestions } from '@diatonix/core';
import { useMemo } from 'react';
import { useSteady } from '../../parts/useSteady';
import type { Bringing, SheetEntry } from '../../parts/ToSheet';
import type { ShownColumn } from './derive';

type Names = readonly [labels: string, notes: string];

export const ON_SHEET: Names = ['The numerals blank', 'The notes blank'];
export const TO_CLASS: Names = ['Its numeral', 'Its notes'];

/** What of a line goes to a sheet: the chords as far as they stay in the key of the first. */
function sheetEntries(columns: () => readonly ShownColumn[], names: Names): SheetEntry[] {
  const bring =
    (blank: 'labels' | 'notes') =>
    ({ questionsFromLine }: Bringing): BenchQuestions => {
      const first = columns().find(({ line }) => line !== null)?.line;
      if (!first)
        throw new TheoryError('chord', 'the line', 'there are no chords to ask for.', 'Write some first.');
      const key = printKey(first.key);
      const numerals = columns().flatMap(({ line, labelled }) =>
        line && labelled.ok && printKey(line.key) === key
          ? [printNumeral(labelled.labels.numeral, line.key)]
          : [],
      );
      return questionsFromLine(first.key, numerals, blank);
    };
  return [
    { name: names[0], bring: bring('labels') },
    { name: names[1], bring: bring('notes') },
  ];
}

/** The entries of some columns; they stay the same while the line is edited. */
export function useSheetEntries(columns: readonly ShownColumn[], names: Names): SheetEntry[] {
  const now = useSteady(() => columns);
  return useMemo(() => sheetEntries(now, names), [now, names]);
}
