import {
  attempt,
  displayNoteName,
  INSTRUMENTS,
  intervalWords,
  parseKey,
  printSymbol,
  speakChord,
  writtenChord,
  writtenKey,
  type Chord,
  type Instrument,
  type LabelStyle,
} from '@diatonix/core';
import type { GridColumn, GridRow } from '../../columns/types';
import { keyName } from '../../parts/names';
import type { Engraver } from '@diatonix/engraving';
import { CHORD_STAFF } from '../../notation/frames';
import { closeNotes } from './columns';
import type { ChordStudy } from '../../documents/kinds/chord/type';

export const PART_ROWS: readonly GridRow[] = [
  { id: 'part', label: 'Part', kind: 'root', parted: true },
  { id: 'written', label: 'Written', kind: 'soft' },
  { id: 'symbol', label: 'Symbol', kind: 'text', parted: true },
  { id: 'notes', label: 'Notes', kind: 'text' },
  { id: 'key', label: 'Key', kind: 'soft' },
];

const NAMES: Record<Instrument['id'], string> = {
  concert: 'concert pitch',
  Bb: 'B♭ part',
  Eb: 'E♭ part',
  F: 'F part',
};

/**
 * The chord at concert pitch and as the B♭, E♭ and F parts have it written; parts past a triple accidental
 * are left out.
 */
export function writtenChords(chord: Chord): { readonly instrument: Instrument; readonly chord: Chord }[] {
  return INSTRUMENTS.flatMap((instrument) => {
    const written = attempt(() => writtenChord(chord, instrument));
    return written.ok ? [{ instrument, chord: written.value }] : [];
  });
}

export function partColumns(
  parts: ReturnType<typeof writtenChords>,
  bench: ChordStudy,
  school: LabelStyle,
  engraver: Engraver | null,
): GridColumn[] {
  return parts.map(({ instrument, chord }) => {
    const notes = closeNotes(chord, bench.clef);
    const key = attempt(() => keyName(writtenKey(parseKey(bench.key), instrument), school));
    return {
      id: instrument.id,
      sentence: `${NAMES[instrument.id]}: ${speakChord(chord)}`,
      staff: engraver?.column([{ clef: bench.clef, notes }], CHORD_STAFF, 0, 'w') ?? null,
      cells: {
        part: { text: NAMES[instrument.id] },
        written: {
          text: instrument.id === 'concert' ? 'as it sounds' : `${intervalWords(instrument.written)} up`,
        },
        symbol: {
          text: printSymbol(chord, { glyphs: true, letters: school.letters, school: school.symbols }),
        },
        notes: { text: notes.map((note) => displayNoteName(note, school.letters)).join(' ') },
        key: { text: key.ok ? key.value : '' },
      },
    };
  });
}
