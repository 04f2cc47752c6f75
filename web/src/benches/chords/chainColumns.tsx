import {
  displayNoteName,
  inversionWords,
  numeralParts,
  parseKey,
  printedFifths,
  printSymbol,
  readLine,
  speakChord,
  speakNumeral,
  type Chord,
  type Key,
  type LineToken,
  type LabelStyle,
} from '@diatonix/core';
import type { GridColumn, GridRow } from '../../columns/types';
import { NumeralText } from '../../parts/NumeralText';
import type { Engraver } from '@diatonix/engraving';
import { CHORD_STAFF } from '../../notation/frames';
import { closeNotes } from './columns';
import type { ChordStudy } from '../../documents/kinds/chord/type';

export const CHAIN_ROWS: readonly GridRow[] = [
  { id: 'numeral', label: 'Numeral', kind: 'numeral', parted: true },
  { id: 'symbol', label: 'Symbol', kind: 'text' },
  { id: 'notes', label: 'Notes', kind: 'root' },
  { id: 'name', label: 'Inversion', kind: 'soft' },
];

/** The pieces of the chain as they are read in the key. */
export function readChain(chain: string, key: Key, school: LabelStyle): LineToken[] {
  return readLine(chain, key, school);
}

/** The chords of the chain that can be heard, with their place in it. */
export function chainChords(tokens: readonly LineToken[]): (Chord | null)[] {
  return tokens.map((token) => ('read' in token ? token.read.chord : null));
}

export function chainColumns(
  tokens: readonly LineToken[],
  bench: ChordStudy,
  school: LabelStyle,
  engraver: Engraver | null,
): GridColumn[] {
  const key = parseKey(bench.key);
  return tokens.map((token, index) => {
    if (!('read' in token)) {
      return {
        id: String(index),
        sentence: `${token.text}, not understood: ${token.error.message}`,
        staff: null,
        cells: {},
        problem: token.text,
      };
    }
    const { chord, numeral } = token.read;
    const notes = closeNotes(chord, bench.clef);
    const parts = numeralParts(numeral, key, school);
    return {
      id: String(index),
      sentence: `${speakNumeral(parts)}, ${speakChord(chord)}, ${inversionWords(chord)}`,
      staff: engraver?.column([{ clef: bench.clef, notes }], CHORD_STAFF, printedFifths(key), 'w') ?? null,
      cells: {
        numeral: { text: speakNumeral(parts), content: <NumeralText parts={parts} /> },
        symbol: {
          text: printSymbol(chord, { glyphs: true, letters: school.letters, school: school.symbols }),
        },
        notes: { text: notes.map((note) => displayNoteName(note, school.letters)).join(' ') },
        name: { text: inversionWords(chord) },
      },
    };
  });
}
