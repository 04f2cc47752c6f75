import { printKey } from '../../../key/key';
import { chordMap, type MapColumn, type StackTop } from '../../../label/chordMap';
import { printNumeral } from '../../../label/numeralPrint';
import { printSymbol } from '../../../chord/symbolPrint';
import { notesFromBass } from '../../../chord/chord';
import { printNoteName } from '../../../pitch/print';
import { numeralWorking } from '../../../working/numeralWorking';
import { keyIn, numberIn, textsIn } from '../../ask/given';
import { rounded, writingDifficulty } from '../../ask/onStaff';
import type { Asking, Given } from '../../ask/question';
import { MAP_ROWS, type MapRow } from './rows';

const columnsOf = (given: Given): readonly MapColumn[] =>
  chordMap(keyIn(given), numberIn(given, 'stack') as StackTop);

/** What stands in a row of the map, column by column. */
function rowOf(given: Given, row: MapRow): readonly (string | readonly string[])[] {
  const key = keyIn(given);
  return columnsOf(given).map(({ chord, numeral, quality }) => {
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

/** What the rows that are not blank tell. */
export const shownRows = (given: Given): readonly (readonly [MapRow, ReturnType<typeof rowOf>])[] =>
  MAP_ROWS.filter((row) => !textsIn(given, 'blank').includes(row)).map((row) => [row, rowOf(given, row)]);

/** The whole map of a key, triads or sevenths on each degree; the blank rows are filled in. */
export const ASK_CHORD_MAP: Asking = {
  id: 'chord-map',
  takes: ['keys', 'rows', 'stacks'],
  usual: {},
  roll(dice, material) {
    const key = dice.pick(material.keys);
    const stack = dice.pick(material.stacks) === 'sevenths' ? 7 : 5;
    return { key: printKey(key), stack, blank: MAP_ROWS.filter((row) => material.rows.includes(row)) };
  },
  answers: (given) => [
    Object.fromEntries(
      MAP_ROWS.filter((row) => textsIn(given, 'blank').includes(row)).map((row) => [row, rowOf(given, row)]),
    ),
  ],
  difficulty: (given) => ({
    rows: 0.6 * textsIn(given, 'blank').length,
    ...(numberIn(given, 'stack') === 7 ? { sevenths: 0.6 } : {}),
    ...(keyIn(given).mode === 'minor' ? { mode: 0.4 } : {}),
    signature: rounded(writingDifficulty(keyIn(given), [])['signature'] ?? 0),
  }),
  steps: (given) =>
    columnsOf(given).flatMap(({ numeral, chord }) => numeralWorking(numeral, chord, keyIn(given)).slice(-1)),
};
