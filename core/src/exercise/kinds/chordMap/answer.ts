import { type AnswerForm, isRecord, isTextLists, isTexts, listOf, recordOf } from '../../answers/answerForm';
import { qualityNamed } from '../../answers/chordText';
import { parseNotesAnswer } from '../../answers/notesAnswer';
import { parseNumeralAnswer } from '../../answers/numeralAnswer';
import { sameAnswer } from '../../answers/sameAnswer';
import { parseSymbol } from '../../../chord/symbolParse';
import { printSymbol } from '../../../chord/symbolPrint';
import type { LabelStyle } from '../../../school/school';
import type { MapCell } from '../../layout/questionLayout';
import { MAP_ROWS } from '../../mapRows';
import type { ChordMapGiven } from './given';

/** The blank rows of a map, each with its cells. */
export type MapAnswer = Readonly<Record<string, readonly MapCell[]>>;

/** Rows typed one after the other, with semicolons between them and commas between their cells. */
function typedRows(raw: string, { blank }: ChordMapGiven): Readonly<Record<string, readonly string[]>> {
  const cells = raw.split(';').map((row) => row.split(',').map((cell) => cell.trim()));
  return Object.fromEntries(
    MAP_ROWS.filter((row) => blank.includes(row)).map((row, at) => [row, cells[at] ?? []]),
  );
}

/** A symbol in the spelling of the house: Amin, A- and Am are one. Throws TheoryError `symbol`. */
const parseSymbolCell = (cell: string, { letters }: LabelStyle): string =>
  printSymbol(parseSymbol(cell, letters));

/** The rows of a map, marked cell by cell. */
export const MAP_ANSWER: AnswerForm<MapAnswer, ChordMapGiven> = {
  name: 'map',
  isAnswer: (value) =>
    isRecord(value) && Object.values(value).every((row) => isTexts(row) || isTextLists(row)),
  read: (raw, given, school) =>
    Object.fromEntries(
      Object.entries(typeof raw === 'string' ? typedRows(raw, given) : recordOf(raw)).map(([row, cells]) => [
        row,
        listOf(cells, '|').map((cell) => {
          if (cell === '') return '';
          if (row === 'numerals') return parseNumeralAnswer(cell, given, school);
          if (row === 'notes') return parseNotesAnswer(cell, school);
          return row === 'symbols' ? parseSymbolCell(cell, school) : qualityNamed(cell);
        }),
      ]),
    ),
  parts: (right, said) =>
    Object.entries(right).map(([row, cells]) => ({
      part: row,
      got: cells.filter((cell, at) => sameAnswer(cell, said[row]?.[at])).length,
      of: cells.length,
    })),
  typed: (answer) =>
    Object.values(answer)
      .map((row) => row.map((cell) => (typeof cell === 'string' ? cell : cell.join(' '))).join(', '))
      .join('; '),
};
