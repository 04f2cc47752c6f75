import { type QuestionLayout, inTable } from '../../layout/questionLayout';
import { MAP_ROWS } from '../../mapRows';
import type { ChordMapGiven } from './given';
import { mapRow } from './solve';

/** A table of the degrees: the rows that are given, and those that are blank. */
export const layoutChordMap = (given: ChordMapGiven): QuestionLayout =>
  inTable(
    { say: 'map', key: given.key, stack: given.stack },
    MAP_ROWS.filter((row) => !given.blank.includes(row)).map((row) => [row, mapRow(given, row)] as const),
  );
