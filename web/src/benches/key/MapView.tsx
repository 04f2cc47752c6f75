import { printedFifths, printNumeral, type Key, type LabelStyle } from '@diatonix/core';
import { useCallback, useMemo, type KeyboardEvent } from 'react';
import { useRow } from '../../columns/useRow';
import { keyName } from '../../parts/names';
import { StaffGrid } from '../../notation/StaffGrid';
import type { Engraver } from '@diatonix/engraving';
import { play, usePlayback } from '../../sound/player';
import { mapFrame, mapGridColumns, mapOf, mapRows, stackNotes } from './columns';
import { KEY_DESK, toggleTaught } from './state';
import { useTaught } from '../../documents/store/use';
import type { KeyMap } from '../../documents/kinds/key/type';

interface MapViewProps {
  readonly bench: KeyMap;
  readonly keyOf: Key;
  readonly school: LabelStyle;
  readonly engraver: Engraver | null;
  readonly selected: number;
  readonly onPut: (index: number) => void;
}

const SECONDS = 1.6;

/** Plays stacks of the map from a column on. */
export function hearMap(
  bench: KeyMap,
  key: Key,
  from: number,
  count: number,
  manner: 'together' | 'note by note',
): void {
  const columns = mapOf(bench).slice(from, from + count);
  void play(
    columns.map((column) => stackNotes(column, key, bench.clef)),
    { seconds: SECONDS, from, manner },
  );
}

/** The scale and the chord map of the key as one grid. */
export function MapView({ bench, keyOf, school, engraver, selected, onPut }: MapViewProps) {
  const { notYetTaught } = useTaught();
  const playing = usePlayback((state) => state.column);
  const [row, setRow] = useRow();
  const mode = keyOf.mode === 'major' ? 'major' : 'minor';
  const map = useMemo(() => mapOf(bench), [bench]);
  const columns = useMemo(
    () => mapGridColumns(bench, notYetTaught, school, engraver),
    [bench, notYetTaught, school, engraver],
  );
  const rows = useMemo(() => mapRows(bench, keyOf.mode, school), [bench, keyOf.mode, school]);

  const select = useCallback(
    (column: number, rowId: string) => {
      KEY_DESK.set({ column: column + 1 });
      setRow(rowId);
    },
    [setRow],
  );
  const onKey = (event: KeyboardEvent): boolean => {
    const degree = map[selected]?.degree ?? 1;
    if (/^[1-7]$/.test(event.key)) {
      select(
        map.findIndex((column) => column.degree === Number(event.key)),
        row,
      );
      return true;
    }
    if (event.key === ' ') {
      hearMap(bench, keyOf, selected, event.shiftKey ? map.length - selected : 1, 'together');
      return true;
    }
    if (event.key === 'Enter') {
      if (row === 'taught') toggleTaught(mode, degree);
      else onPut(selected);
      return true;
    }
    if (event.key === 't') {
      toggleTaught(mode, degree);
      return true;
    }
    return false;
  };
  return (
    <StaffGrid
      label={`Scale and chord map of ${keyName(keyOf, school)}`}
      frame={mapFrame(bench.top)}
      engraver={engraver}
      clefs={[bench.clef, bench.clef]}
      fifths={printedFifths(keyOf)}
      rows={rows}
      columns={columns}
      selected={selected}
      selectedRow={row}
      playing={playing}
      onSelect={select}
      onKey={onKey}
    />
  );
}

/** The numeral of a column as it is put into a progression. */
export function numeralText(bench: KeyMap, key: Key, index: number): string {
  return printNumeral(mapOf(bench)[index]!.numeral, key);
}
