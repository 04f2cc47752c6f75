import { parseKey, printedFifths, signatureWords } from '@diatonix/core';
import { useCallback, useMemo, type KeyboardEvent } from 'react';
import { useRow } from '../../columns/useRow';
import { BenchFrame } from '../../design/BenchFrame';
import { Choice, CLEF_OPTIONS } from '../../design/Choice';
import { Button, Toggle } from '../../design/controls';
import { KeyPicker } from '../../design/KeyPicker';
import { LineField } from '../../design/LineField';
import { keyName } from '../../design/names';
import { INTERVAL_AND_INVERSION } from '../../notation/frames';
import { StaffGrid } from '../../notation/StaffGrid';
import { useEngraver } from '../../notation/useEngraver';
import { play, usePlayback } from '../../sound/player';
import { useStore } from '../../workbook/store';
import { intervalColumns, pairOf, ROWS } from './columns';
import { IntervalMargin } from './IntervalMargin';
import { itemText } from './slice';
import { readFaults } from './faults';

const SECONDS = 1.5;

/** The Intervals bench: a line of intervals under one signature, each with its name, its inversion and its check. */
export function IntervalsBench() {
  const bench = useStore((state) => state.workbook.intervals);
  const school = useStore((state) => state.workbook.school);
  const selectedId = useStore((state) => state.place.intervalColumn);
  const { setPlace, chooseIntervalClef, chooseIntervalKey, pencil, nameYourself, typeIntervals, removeInterval, moveOctave } = useStore.getState();
  const engraver = useEngraver();
  const playing = usePlayback((state) => state.column);
  const [row, setRow] = useRow();

  const key = useMemo(() => parseKey(bench.key), [bench.key]);
  const columns = useMemo(() => intervalColumns(bench, school, engraver), [bench, school, engraver]);
  const { items } = bench;
  const found = items.findIndex((item) => item.id === selectedId);
  const selected = found < 0 ? (items.length > 0 ? 0 : -1) : found;
  const current = items[selected] ?? null;
  const select = useCallback(
    (index: number, rowId: string) => {
      setPlace({ intervalColumn: useStore.getState().workbook.intervals.items[index]?.id ?? null });
      setRow(rowId);
    },
    [setPlace, setRow],
  );

  const hear = (manner: 'together' | 'note by note') => {
    const pair = current && pairOf(current);
    if (pair?.ok) void play([[pair.from, pair.to]], { seconds: SECONDS, from: selected, manner });
  };
  const remove = () => {
    if (!current) return;
    const next = items[selected + 1] ?? items[selected - 1];
    removeInterval(current.id);
    setPlace({ intervalColumn: next?.id ?? null });
  };
  const onKey = (event: KeyboardEvent): boolean => {
    if (!current) return false;
    switch (event.key) {
      case ' ':
        hear(event.shiftKey ? 'note by note' : 'together');
        return true;
      case 'Delete':
      case 'Backspace':
        remove();
        return true;
      case ']':
      case '[':
        moveOctave(current.id, event.key === ']');
        return true;
      default:
        return false;
    }
  };

  return (
    <BenchFrame
      title={<h1>Intervals</h1>}
      facts={
        <KeyPicker label="Signature" value={bench.key} onChoose={chooseIntervalKey}>
          {`${keyName(key, school)} · ${signatureWords(key, school.letters).split(' · ')[0]!}`}
        </KeyPicker>
      }
      actions={
        <>
          <Choice label="Clef" value={bench.clef} options={CLEF_OPTIONS} onChoose={chooseIntervalClef} />
          <Toggle isSelected={bench.naming} onChange={nameYourself}>
            Name it yourself
          </Toggle>
          <Toggle isSelected={bench.pencilled} onChange={pencil}>
            Signature pencilled in
          </Toggle>
        </>
      }
      margin={
        <IntervalMargin
          item={current}
          position={selected}
          school={school}
          bench={bench}
          onHear={hear}
          onRemove={remove}
          onOctave={(up) => current && moveOctave(current.id, up)}
        />
      }
    >
      <h2 className="visually-hidden">Intervals</h2>
      {columns.length === 0 ? (
        <p>
          Nothing stands here yet. Type two notes, or a note and what to build on it, with commas between: <b>E4 C#5, Ab3 M6, C5 -m3</b>.{' '}
          <Button onPress={() => typeIntervals('E4 C#5, Ab3 M6, C5 -m3')}>Put these</Button>
        </p>
      ) : (
        <StaffGrid
          label="Line of intervals"
          frame={INTERVAL_AND_INVERSION}
          engraver={engraver}
          clefs={[bench.clef, bench.clef]}
          fifths={printedFifths(key)}
          rows={ROWS}
          columns={columns}
          selected={selected}
          selectedRow={row}
          playing={playing}
          onSelect={select}
          onKey={onKey}
        />
      )}
      <LineField
        label="Intervals: two notes, or a note and an interval, with commas between"
        placeholder="Type intervals with commas between: E4 C#5, Ab3 M6, C5 -m3"
        owner="intervals"
        stored={items.map(itemText).join(', ')}
        readFaults={readFaults}
        onType={typeIntervals}
      />
    </BenchFrame>
  );
}
