import { parseKey, type Chord, type Note } from '@diatonix/core';
import type { GridColumn, GridRow, StaffFrame } from '../../columns/types';
import { CHORD_STAFF, GRAND_STAFF } from '../../notation/frames';
import type { Engraver } from '@diatonix/engraving';
import { CHAIN_ROWS, chainChords, chainColumns, readChain } from './chainColumns';
import { chordColumns, chordsOfView, closeNotes, FAMILY_ROWS, INVERSION_ROWS } from './columns';
import { PART_ROWS, partColumns, writtenChords } from './partColumns';
import { VOICING_ROWS, voicingColumns, voicingsOf } from './voicingColumns';
import { type ChordView, type ShownStudy } from './state';

export const CHORD_VIEWS: readonly {
  readonly id: ChordView;
  readonly name: string;
  readonly title: string;
}[] = [
  { id: 'inversions', name: 'Inversions', title: 'Inversions' },
  { id: 'triads', name: 'Triads', title: 'All triads on this root' },
  { id: 'sevenths', name: 'Sevenths', title: 'All sevenths on this root' },
  { id: 'extensions', name: 'Extensions', title: 'All extensions on this root' },
  { id: 'voicings', name: 'Voicings', title: 'Voicings' },
  { id: 'parts', name: 'Parts', title: 'As written for transposing instruments' },
  { id: 'chain', name: 'Chain', title: 'Chain of chords' },
];

/**
 * What a view shows: its columns, their notes to be heard, and the chord that choosing a column puts on the
 * bench.
 */
interface Shown {
  readonly columns: GridColumn[];
  readonly rows: readonly GridRow[];
  readonly frame: StaffFrame;
  readonly notes: readonly (readonly Note[])[];
  readonly chords: readonly (Chord | null)[];
}

export function shownOf(
  chord: Chord,
  bench: ShownStudy,
  school: Parameters<typeof chordColumns>[2],
  engraver: Engraver | null,
): Shown {
  const close = (one: Chord) => closeNotes(one, bench.clef);
  switch (bench.view) {
    case 'voicings': {
      const voicings = voicingsOf(chord, bench.doubled);
      const notes = voicings.map(({ lower, upper }) => [...lower, ...upper]);
      return {
        columns: voicingColumns(chord, voicings, bench, school, engraver),
        rows: VOICING_ROWS,
        frame: GRAND_STAFF,
        notes,
        chords: [],
      };
    }
    case 'parts': {
      const parts = writtenChords(chord);
      // Whatever is written, every part sounds the same.
      return {
        columns: partColumns(parts, bench, school, engraver),
        rows: PART_ROWS,
        frame: CHORD_STAFF,
        notes: parts.map(() => close(chord)),
        chords: [],
      };
    }
    case 'chain': {
      const tokens = readChain(bench.chain, parseKey(bench.key), school);
      const chords = chainChords(tokens);
      const notes = chords.map((one) => (one ? close(one) : []));
      return {
        columns: chainColumns(tokens, bench, school, engraver),
        rows: CHAIN_ROWS,
        frame: CHORD_STAFF,
        notes,
        chords,
      };
    }
    default: {
      const chords = chordsOfView(chord, bench.view);
      const rows = bench.view === 'inversions' ? INVERSION_ROWS : FAMILY_ROWS;
      return {
        columns: chordColumns(chords, bench, school, engraver),
        rows,
        frame: CHORD_STAFF,
        notes: chords.map(close),
        chords,
      };
    }
  }
}
