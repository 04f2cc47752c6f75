import {
  chordMap,
  parallelKey,
  parseKey,
  printedFifths,
  printKey,
  printNumeral,
  relativeKey,
  signatureFifths,
  signatureWords,
  type StackTop,
} from '@diatonix/core';
import { useCallback, useMemo, type KeyboardEvent } from 'react';
import { useNavigate } from 'react-router';
import { Choice, CLEF_OPTIONS } from '../../design/Choice';
import { Button, Toggle, ToggleRow } from '../../design/controls';
import { BenchFrame } from '../../design/BenchFrame';
import { KeyPicker } from '../../design/KeyPicker';
import { keyName } from '../../design/names';
import { StaffGrid } from '../../notation/StaffGrid';
import { useEngraver } from '../../notation/useEngraver';
import { play, usePlayback } from '../../sound/player';
import { useStore } from '../../workbook/store';
import { frameOf, mapColumns, mapRows, stackNotes } from './columns';
import { ScaleChoice } from './ScaleChoice';
import { KeyMargin } from './KeyMargin';
import { useRow } from '../../columns/useRow';

/** The Key bench: signature, scale and chord map of one key. */
export function KeyBench() {
  const bench = useStore((state) => state.workbook.keyBench);
  const notYetTaught = useStore((state) => state.workbook.notYetTaught);
  const school = useStore((state) => state.workbook.school);
  const selected = useStore((state) => state.place.keyColumn) - 1;
  const { chooseKey, chooseTop, chooseClef, showFingering, toggleTaught, addEntry, setPlace } = useStore.getState();
  const engraver = useEngraver();
  const navigate = useNavigate();
  const playing = usePlayback((state) => state.column);
  const [row, setRow] = useRow();

  const key = useMemo(() => parseKey(bench.key), [bench.key]);
  const mode = key.mode === 'major' ? 'major' : 'minor';
  const map = useMemo(() => chordMap(key, bench.top, bench.form), [key, bench.top, bench.form]);
  const columns = useMemo(() => mapColumns(bench, notYetTaught[mode], school, engraver), [bench, notYetTaught, mode, school, engraver]);
  const rows = useMemo(() => mapRows(bench, key.mode, school), [bench, key.mode, school]);
  const frame = frameOf(bench.top);

  const select = useCallback(
    (column: number, rowId: string) => {
      setPlace({ keyColumn: column + 1 });
      setRow(rowId);
    },
    [setPlace, setRow],
  );
  const notesOf = (index: number) => stackNotes(map[index]!, key, bench.clef);
  const hear = (manner: 'together' | 'note by note', from = selected, count = 1) => {
    void play(
      map.slice(from, from + count).map((_, i) => notesOf(from + i)),
      { seconds: 1.6, from, manner },
    );
  };
  const put = (index: number) => {
    const column = map[index]!;
    const id = addEntry({ kind: 'numeral', text: printNumeral(column.numeral, key) });
    setPlace({ progressionColumn: id });
  };

  const onKey = (event: KeyboardEvent): boolean => {
    if (/^[1-7]$/.test(event.key)) {
      select(Number(event.key) - 1, row);
      return true;
    }
    if (event.key === ' ') {
      hear('together', selected, event.shiftKey ? 7 - selected : 1);
      return true;
    }
    if (event.key === 'Enter') {
      if (row === 'taught') toggleTaught(mode, selected + 1);
      else put(selected);
      return true;
    }
    if (event.key === 't') {
      toggleTaught(mode, selected + 1);
      return true;
    }
    return false;
  };

  const relative = relativeKey(key);
  const parallel = parallelKey(key);
  return (
    <BenchFrame
      title={<h1>{keyName(key, school)}</h1>}
      facts={
        <>
          <KeyPicker label="Choose key" value={bench.key} onChoose={chooseKey}>
            {signatureWords(key, school.letters)}
          </KeyPicker>
          <Button onPress={() => chooseKey(printKey(relative))}>relative {keyName(relative, school)}</Button>
          {Math.abs(signatureFifths(parallel)) <= 7 && (
            <Button onPress={() => chooseKey(printKey(parallel))}>parallel {keyName(parallel, school)}</Button>
          )}
        </>
      }
      actions={
        <>
          <ScaleChoice keyOf={key} form={bench.form} />
          <Choice label="Clef" value={bench.clef} options={CLEF_OPTIONS} onChoose={chooseClef} />
          <Toggle isSelected={bench.fingering} onChange={showFingering}>
            Fingering
          </Toggle>
          <ToggleRow
            aria-label="Stacks"
            selectionMode="single"
            disallowEmptySelection
            selectedKeys={[String(bench.top)]}
            onSelectionChange={([top]) => chooseTop(Number(top) as StackTop)}
          >
            <Toggle id="5">Triads</Toggle>
            <Toggle id="7">Sevenths</Toggle>
            <Toggle id="9">9</Toggle>
            <Toggle id="11">11</Toggle>
            <Toggle id="13">13</Toggle>
          </ToggleRow>
        </>
      }
      margin={
        <KeyMargin
          column={map[selected] ?? map[0]!}
          keyOf={key}
          school={school}
          taught={!notYetTaught[mode].includes(selected + 1)}
          onTaught={() => toggleTaught(mode, selected + 1)}
          onHear={(manner) => hear(manner)}
          onPut={() => put(selected)}
          onGo={() => void navigate('/progressions')}
        />
      }
    >
      <h2 className="visually-hidden">Scale and chord map</h2>
      <StaffGrid
        label={`Scale and chord map of ${keyName(key, school)}`}
        frame={frame}
        engraver={engraver}
        clefs={[bench.clef, bench.clef]}
        fifths={printedFifths(key)}
        rows={rows}
        columns={columns}
        selected={selected}
        selectedRow={row}
        playing={playing}
        onSelect={select}
        onKey={onKey}
      />
    </BenchFrame>
  );
}
