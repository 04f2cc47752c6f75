import {
  displayNoteName,
  HAND_CARE,
  numeralParts,
  primaryChords,
  printedFifths,
  printSymbol,
  speakChord,
  speakNumeral,
  type Key,
  type PrimaryChord,
  type LabelStyle,
} from '@diatonix/core';
import { useCallback, useMemo, useState, type KeyboardEvent } from 'react';
import type { GridColumn, GridRow } from '../../columns/types';
import { useRow } from '../../columns/useRow';
import { keyName } from '../../parts/names';
import { NumeralText } from '../../parts/NumeralText';
import type { Engraver } from '@diatonix/engraving';
import { GRAND_STAFF } from '../../notation/frames';
import { StaffGrid } from '../../notation/StaffGrid';
import { play, usePlayback } from '../../sound/player';

const ROWS: readonly GridRow[] = [
  { id: 'notes', label: 'Notes', kind: 'root', parted: true },
  { id: 'right', label: 'Right hand', kind: 'text' },
  { id: 'left', label: 'Left hand', kind: 'text' },
  { id: 'numeral', label: 'Numeral', kind: 'numeral', parted: true },
  { id: 'symbol', label: 'Symbol', kind: 'text' },
  { id: 'inversion', label: 'Inversion', kind: 'soft' },
];
const SECONDS = 1.4;

interface PrimaryViewProps {
  readonly keyOf: Key;
  readonly school: LabelStyle;
  readonly engraver: Engraver | null;
}

/** The primary chords at the keyboard: each hand moves as little as it can, with a finger for every key. */
export function PrimaryView({ keyOf, school, engraver }: PrimaryViewProps) {
  const chords = useMemo(() => primaryChords(keyOf), [keyOf]);
  const columns = useMemo(
    () => chords.map((chord, index) => columnOf(chord, index, keyOf, school, engraver)),
    [chords, keyOf, school, engraver],
  );
  const [selected, setSelected] = useState(0);
  const [row, setRow] = useRow();
  const playing = usePlayback((state) => state.column);
  const select = useCallback(
    (column: number, rowId: string) => {
      setSelected(column);
      setRow(rowId);
    },
    [setRow],
  );
  const onKey = (event: KeyboardEvent): boolean => {
    if (event.key !== ' ') return false;
    const heard = chords.slice(selected, event.shiftKey ? undefined : selected + 1);
    void play(
      heard.map(({ left, right }) => [...left, ...right]),
      { seconds: SECONDS, from: selected, manner: 'together' },
    );
    return true;
  };
  return (
    <>
      <StaffGrid
        label={`Primary chords of ${keyName(keyOf, school)} at the keyboard`}
        frame={GRAND_STAFF}
        engraver={engraver}
        clefs={['treble', 'bass']}
        fifths={printedFifths(keyOf)}
        braced
        rows={ROWS}
        columns={columns}
        selected={selected}
        selectedRow={row}
        playing={playing}
        onSelect={select}
        onKey={onKey}
      />
      <p className="care">Fingerings are suggestions, hands differ. {HAND_CARE}</p>
    </>
  );
}

function columnOf(
  { numeral, chord, inversion, right, left, fingering }: PrimaryChord,
  index: number,
  key: Key,
  school: LabelStyle,
  engraver: Engraver | null,
): GridColumn {
  const whole = { ...numeral, members: numeral.members };
  const parts = numeralParts(whole, key, school, 'bare');
  const staves = [
    { clef: 'treble' as const, notes: right },
    { clef: 'bass' as const, notes: left },
  ];
  return {
    id: String(index),
    sentence: [
      speakNumeral(parts),
      speakChord(chord),
      inversion,
      `right hand fingers ${fingering.right.join(' ')}`,
      `left hand ${fingering.left.join(' ')}`,
    ].join(', '),
    staff: engraver?.column(staves, GRAND_STAFF, printedFifths(key), 'w') ?? null,
    cells: {
      notes: { text: right.map((note) => displayNoteName(note, school.letters)).join(' ') },
      right: { text: fingering.right.join(' ') },
      left: { text: fingering.left.join(' ') },
      numeral: { text: speakNumeral(parts), content: <NumeralText parts={parts} /> },
      symbol: {
        text: printSymbol(chord, {
          glyphs: true,
          letters: school.letters,
          school: school.symbols,
          detail: 'bare',
        }),
      },
      inversion: { text: inversion },
    },
  };
}
