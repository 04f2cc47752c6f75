import { notesFromBass } from '../../../chord/chord';
import { printSymbol } from '../../../chord/symbolPrint';
import { type MapColumn, chordMap } from '../../../label/chordMap';
import { printNumeral } from '../../../label/numeralPrint';
import { printNoteName } from '../../../pitch/print';
import { rounded, writingDifficulty } from '../../generating/staffWriting';
import { keyIn } from '../../givenReading';
import type { MapCell } from '../../layout/questionLayout';
import { MAP_ROWS, type MapRow } from '../../mapRows';
import type { DifficultyParts } from '../../question';
import type { MapAnswer } from './answer';
import type { ChordMapGiven } from './given';

/** The chords on the degrees of the key. */
export const mapColumns = (given: ChordMapGiven): readonly MapColumn[] => chordMap(keyIn(given), given.stack);

/** What stands in a row of the map, column by column. */
export function mapRow(given: ChordMapGiven, row: MapRow): readonly MapCell[] {
  const key = keyIn(given);
  return mapColumns(given).map(({ chord, numeral, quality }) => {
    switch (row) {
      case 'numerals':
        return printNumeral(numeral, key);
      case 'symbols':
        return printSymbol(chord);
      case 'qualities':
        return quality;
      case 'notes':
        return notesFromBass(chord).map(printNoteName);
    }
  });
}

/** The blank rows, filled in. */
export const solveChordMap = (given: ChordMapGiven): readonly MapAnswer[] => [
  Object.fromEntries(
    MAP_ROWS.filter((row) => given.blank.includes(row)).map((row) => [row, mapRow(given, row)]),
  ),
];

export const chordMapDifficulty = (given: ChordMapGiven): DifficultyParts => ({
  rows: 0.6 * given.blank.length,
  ...(given.stack === 7 ? { sevenths: 0.6 } : {}),
  ...(keyIn(given).mode === 'minor' ? { mode: 0.4 } : {}),
  signature: rounded(writingDifficulty(keyIn(given), [])['signature'] ?? 0),
});
