import {
  attempt,
  identify,
  midiNumber,
  parseKey,
  parseSymbol,
  printSymbol,
  sameChord,
  printedFifths,
  type Chord,
  type Note,
} from '@diatonix/core';
import { useCallback, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import type { GridColumn, GridRow, StaffFrame } from '../../columns/types';
import { useRow } from '../../columns/useRow';
import { BenchFrame } from '../../design/BenchFrame';
import { Choice, CLEF_OPTIONS } from '../../design/Choice';
import { Toggle, ToggleRow } from '../../design/controls';
import { KeyPicker } from '../../design/KeyPicker';
import { LineField } from '../../design/LineField';
import { keyName } from '../../design/names';
import { SubBar } from '../../design/SubBar';
import { CHORD_STAFF, GRAND_STAFF } from '../../notation/frames';
import type { Engraver } from '../../notation/engraver';
import { StaffGrid } from '../../notation/StaffGrid';
import { useEngraver } from '../../notation/useEngraver';
import { NotePanel } from '../../notes/lazy';
import type { NoteManner } from '../../notes/NotePanel';
import { NotesToggle } from '../../notes/NotesToggle';
import { toggled, useGathering } from '../../notes/useGathering';
import { PictureMenu } from '../../pictures/PictureMenu';
import { play, usePlayback } from '../../sound/player';
import type { ChordsBenchState, ChordView } from '../../workbook/model';
import { useStore } from '../../workbook/store';
import { CHAIN_ROWS, chainChords, chainColumns, readChain } from './chainColumns';
import { ChordMargin } from './ChordMargin';
import { chordColumns, chordsOfView, closeNotes, FAMILY_ROWS, INVERSION_ROWS } from './columns';
import { Members, TurnThird } from './Members';
import { PART_ROWS, partColumns, writtenChords } from './partColumns';
import { VOICING_ROWS, voicingColumns, voicingsOf } from './voicingColumns';
import { WayFields } from './WayFields';

const SECONDS = 1.6;

const VIEWS: readonly { readonly id: ChordView; readonly name: string; readonly title: string }[] = [
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

function shownOf(
  chord: Chord,
  bench: ChordsBenchState,
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

/**
 * The Chords bench: one chord said in six ways, turned, laid out, written for other instruments, or set
 * beside its family.
 */
export function ChordsBench() {
  const bench = useStore((state) => state.workbook.chords);
  const school = useStore((state) => state.workbook.school);
  const panel = useStore((state) => state.place.notePanel);
  const { putChord, typeChain, chooseChordKey, chooseChordClef, chooseChordView } = useStore.getState();
  const engraver = useEngraver();
  const playing = usePlayback((state) => state.column);
  const [row, setRow] = useRow();
  const [column, setColumn] = useState(0);
  const [asked, setAsked] = useState<string | null>(null);
  const work = useRef<HTMLDivElement>(null);

  const key = useMemo(() => parseKey(bench.key), [bench.key]);
  const chord = useMemo(() => parseSymbol(bench.symbol), [bench.symbol]);
  const gathering = useGathering(key);
  const { columns, rows, frame, notes, chords } = useMemo(
    () => shownOf(chord, bench, school, engraver),
    [chord, bench, school, engraver],
  );
  const inversions = bench.view === 'inversions';
  const own = bench.view === 'chain' ? -1 : chords.findIndex((one) => one && sameChord(one, chord));
  const selected = own >= 0 ? own : Math.min(column, columns.length - 1);
  const view = VIEWS.find(({ id }) => id === bench.view)!;

  const put = useCallback(
    (next: Chord, from: string | null, burst?: string) => {
      setAsked(from);
      putChord(next, burst);
    },
    [putChord],
  );
  const select = useCallback(
    (index: number, rowId: string) => {
      setRow(rowId);
      setColumn(index);
      const chosen = chords[index];
      // The selected inversion or kind is the chord on the bench from then on.
      if (chosen) put(chosen, null, 'chord-column');
    },
    [chords, put, setRow],
  );
  const hear = (from: number, to: number, manner: 'together' | 'note by note' = 'together') =>
    void play(notes.slice(from, to), { seconds: SECONDS, from, manner });

  /** A key struck again is taken away; from two notes on, the chord follows what is there. */
  const gather = (note: Note, manner: NoteManner) => {
    const now = gathering.now();
    const next = toggled(now.length > 0 ? now : closeNotes(chord, bench.clef), note, manner, key);
    gathering.set(next);
    const sorted = [...next].sort((a, b) => midiNumber(a) - midiNumber(b));
    const read = attempt(() => identify(sorted, { key })[0]!.chord);
    if (read.ok) put(read.value, null, 'chord-notes');
  };

  const onKey = (event: KeyboardEvent): boolean => {
    if (event.key === ' ') {
      hear(selected, event.shiftKey ? columns.length : selected + 1);
      return true;
    }
    if (event.key === ']' || event.key === '[') {
      const next = selected + (event.key === ']' ? 1 : -1);
      if (inversions) select((next + chords.length) % chords.length, row);
      return inversions;
    }
    return false;
  };

  // What an edit does not touch is not drawn again.
  const latest = useRef(hear);
  latest.current = hear;
  const margin = useMemo(
    () => (
      <ChordMargin
        chord={chord}
        keyOf={key}
        clef={bench.clef}
        school={school}
        asked={asked}
        onHear={(manner) => latest.current(selected, selected + 1, manner)}
        onHearAll={() => latest.current(0, columns.length)}
        onPick={(other) => put(other, null)}
      />
    ),
    [chord, key, bench.clef, school, asked, selected, columns.length, put],
  );
  const fields = useMemo(
    () => (
      <>
        <WayFields chord={chord} keyOf={key} school={school} />
        <Members chord={chord} school={school} doubled={bench.doubled} onChange={put} />
        <SubBar>
          <ToggleRow
            aria-label="View"
            selectionMode="single"
            disallowEmptySelection
            selectedKeys={[bench.view]}
            onSelectionChange={([id]) => chooseChordView(id as ChordView)}
          >
            {VIEWS.map(({ id, name }) => (
              <Toggle key={id} id={id}>
                {name}
              </Toggle>
            ))}
          </ToggleRow>
          <TurnThird chord={chord} school={school} onChange={(next) => put(next, null)} />
        </SubBar>
      </>
    ),
    [chord, key, school, bench.doubled, bench.view, put, chooseChordView],
  );
  const actions = useMemo(
    () => (
      <>
        <Choice label="Clef" value={bench.clef} options={CLEF_OPTIONS} onChoose={chooseChordClef} />
        <NotesToggle />
        <PictureMenu work={work} column={selected} name={`${bench.symbol} ${view.name.toLowerCase()}`} />
      </>
    ),
    [bench.clef, bench.symbol, selected, view, chooseChordClef],
  );

  return (
    <BenchFrame
      title={<h1>{printSymbol(chord, { glyphs: true, letters: school.letters, school: school.symbols })}</h1>}
      facts={
        <KeyPicker label="In the key of" value={bench.key} onChoose={chooseChordKey}>
          {`in ${keyName(key, school)}`}
        </KeyPicker>
      }
      actions={actions}
      margin={margin}
    >
      <h2 className="visually-hidden">The chord in six ways</h2>
      {fields}
      <h2 className="visually-hidden">{view.title}</h2>
      <div ref={work}>
        <StaffGrid
          label={view.title}
          frame={frame}
          engraver={engraver}
          clefs={bench.view === 'voicings' ? ['treble', 'bass'] : [bench.clef]}
          fifths={bench.view === 'parts' ? 0 : printedFifths(key)}
          braced={bench.view === 'voicings'}
          rows={rows}
          columns={columns}
          selected={selected}
          selectedRow={row}
          playing={playing}
          onSelect={select}
          onKey={onKey}
        />
      </div>
      {bench.view === 'chain' && (
        <LineField
          label="Chain: numerals or symbols"
          placeholder="Type the chain: I I6 I IV64 I V65 I"
          owner="chain"
          stored={bench.chain}
          readFaults={(line) =>
            readChain(line, key, school).flatMap((token) =>
              'error' in token ? [{ start: token.start, end: token.end, message: token.error.message }] : [],
            )
          }
          onType={typeChain}
        />
      )}
      {panel && (
        <NotePanel
          keyOf={key}
          clef={bench.clef}
          shown={
            gathering.gathered.length > 0
              ? [...gathering.gathered].sort((a, b) => midiNumber(a) - midiNumber(b))
              : closeNotes(chord, bench.clef)
          }
          gaps
          gathered={gathering.gathered}
          hint="Strike a key to add its note to the chord, or to take it away."
          onNote={gather}
          onClear={gathering.clear}
        />
      )}
    </BenchFrame>
  );
}
