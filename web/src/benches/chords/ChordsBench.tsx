import { parseKey, parseSymbol, printSymbol, sameChord, printedFifths } from '@diatonix/core';
import { useCallback, useMemo, useState, type KeyboardEvent } from 'react';
import { useRow } from '../../columns/useRow';
import { BenchFrame } from '../../design/BenchFrame';
import { Choice, CLEF_OPTIONS } from '../../design/Choice';
import { Toggle, ToggleRow } from '../../design/controls';
import { KeyPicker } from '../../design/KeyPicker';
import { keyName } from '../../design/names';
import { CHORD_STAFF } from '../../notation/frames';
import { StaffGrid } from '../../notation/StaffGrid';
import { useEngraver } from '../../notation/useEngraver';
import { play, usePlayback } from '../../sound/player';
import type { ChordsBenchState } from '../../workbook/model';
import { useStore } from '../../workbook/store';
import { ChordMargin } from './ChordMargin';
import { chordColumns, chordsOfView, closeNotes, FAMILY_ROWS, INVERSION_ROWS } from './columns';
import { WayFields } from './WayFields';

const SECONDS = 1.6;

/** The Chords bench: one chord said in six ways, turned through its inversions or set beside its family. */
export function ChordsBench() {
  const bench = useStore((state) => state.workbook.chords);
  const school = useStore((state) => state.workbook.school);
  const { putChord, chooseChordKey, chooseChordClef, chooseChordView } = useStore.getState();
  const engraver = useEngraver();
  const playing = usePlayback((state) => state.column);
  const [row, setRow] = useRow();
  const [familyColumn, setFamilyColumn] = useState(0);

  const key = useMemo(() => parseKey(bench.key), [bench.key]);
  const chord = useMemo(() => parseSymbol(bench.symbol), [bench.symbol]);
  const chords = useMemo(() => chordsOfView(chord, bench.view), [chord, bench.view]);
  const columns = useMemo(() => chordColumns(chords, bench, school, engraver), [chords, bench, school, engraver]);
  const inversions = bench.view === 'inversions';
  const own = chords.findIndex((one) => sameChord(one, chord));
  const selected = own >= 0 ? own : Math.min(familyColumn, chords.length - 1);

  const select = useCallback(
    (index: number, rowId: string) => {
      setRow(rowId);
      setFamilyColumn(index);
      const chosen = chords[index];
      // The selected inversion or kind is the chord on the bench from then on.
      if (chosen) putChord(chosen, 'chord-column');
    },
    [chords, putChord, setRow],
  );
  const hear = (from: number, to: number, manner: 'together' | 'note by note' = 'together') => {
    void play(
      chords.slice(from, to).map((one) => closeNotes(one, bench.clef)),
      { seconds: SECONDS, from, manner },
    );
  };
  const onKey = (event: KeyboardEvent): boolean => {
    if (event.key === ' ') {
      hear(selected, event.shiftKey ? chords.length : selected + 1);
      return true;
    }
    if (event.key === ']' || event.key === '[') {
      const next = selected + (event.key === ']' ? 1 : -1);
      if (inversions) select((next + chords.length) % chords.length, row);
      return inversions;
    }
    return false;
  };

  return (
    <BenchFrame
      title={<h1>{printSymbol(chord, { glyphs: true, letters: school.letters, school: school.symbols })}</h1>}
      facts={
        <KeyPicker label="In the key of" value={bench.key} onChoose={chooseChordKey}>
          {`in ${keyName(key, school)}`}
        </KeyPicker>
      }
      actions={
        <>
          <Choice label="Clef" value={bench.clef} options={CLEF_OPTIONS} onChoose={chooseChordClef} />
          <ToggleRow
            aria-label="View"
            selectionMode="single"
            disallowEmptySelection
            selectedKeys={[bench.view]}
            onSelectionChange={([view]) => chooseChordView(view as ChordsBenchState['view'])}
          >
            <Toggle id="inversions">Inversions</Toggle>
            <Toggle id="triads">Triads</Toggle>
            <Toggle id="sevenths">Sevenths</Toggle>
            <Toggle id="extensions">Extensions</Toggle>
          </ToggleRow>
        </>
      }
      margin={
        <ChordMargin
          chord={chord}
          keyOf={key}
          school={school}
          onHear={(manner) => hear(selected, selected + 1, manner)}
          onHearAll={() => hear(0, chords.length)}
          onPick={(other) => putChord(other)}
        />
      }
    >
      <h2 className="visually-hidden">The chord in six ways</h2>
      <WayFields chord={chord} keyOf={key} school={school} />
      <h2 className="visually-hidden">{inversions ? 'Inversions' : 'Family'}</h2>
      <StaffGrid
        label={inversions ? 'Inversions' : `All ${bench.view} on this root`}
        frame={CHORD_STAFF}
        engraver={engraver}
        clefs={[bench.clef]}
        fifths={printedFifths(key)}
        rows={inversions ? INVERSION_ROWS : FAMILY_ROWS}
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
