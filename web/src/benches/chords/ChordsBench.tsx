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
import { useRow } from '../../columns/useRow';
import { BenchFrame } from '../../parts/BenchFrame';
import { Choice } from '../../design/Choice';
import { CLEF_OPTIONS } from '../../parts/clefs';
import { Toggle, ToggleRow } from '../../design/controls';
import { KeyPicker } from '../../parts/KeyPicker';
import { LineField } from '../../design/LineField';
import { keyName } from '../../parts/names';
import { SubBar } from '../../design/SubBar';
import { StaffGrid } from '../../notation/StaffGrid';
import { lazyAfterNotation } from '../../notation/lazyAfterNotation';
import { useEngraver } from '../../notation/useEngraver';
import { LazyNotePanel } from '../../notes/lazy';
import type { NoteManner } from '../../notes/NotePanel';
import { NotesToggle } from '../../notes/NotesToggle';
import { toggled, useGathering } from '../../notes/useGathering';
import { AskClass } from '../../classroom/teacher/AskClass';
import { ToSheet, type Bringing } from '../../parts/ToSheet';
import { PictureMenu } from '../../pictures/PictureMenu';
import { play, usePlayback } from '../../sound/player';
import { readChain } from './chainColumns';
import { closeNotes } from './columns';
import { Members, TurnThird } from './Members';
import { WayFields } from './WayFields';
import {
  putChord,
  typeChain,
  chooseChordKey,
  chooseChordClef,
  CHORDS_DESK,
  type ChordView,
  type ShownStudy,
} from './state';
import { useSchool, useSingle } from '../../documents/store/use';
import { NOTES_DESK } from '../../notes/desk';
import { CHORD_VIEWS, shownOf } from './views';

const ChordMargin = lazyAfterNotation(() => import('./ChordMargin').then((module) => module.ChordMargin));

const SECONDS = 1.6;

/**
 * The Chords bench: one chord said in six ways, turned, laid out, written for other instruments, or set
 * beside its family.
 */
export function ChordsBench() {
  const study = useSingle('chord');
  const shownView = CHORDS_DESK.use(({ view }) => view);
  const bench = useMemo((): ShownStudy => ({ ...study, view: shownView }), [study, shownView]);
  const school = useSchool();
  const panel = NOTES_DESK.use(({ open }) => open);
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
  const view = CHORD_VIEWS.find(({ id }) => id === bench.view)!;

  const put = useCallback((next: Chord, from: string | null, burst?: string) => {
    setAsked(from);
    putChord(next, burst);
  }, []);
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
            onSelectionChange={([id]) => CHORDS_DESK.set({ view: id as ChordView })}
          >
            {CHORD_VIEWS.map(({ id, name }) => (
              <Toggle key={id} id={id}>
                {name}
              </Toggle>
            ))}
          </ToggleRow>
          <TurnThird chord={chord} school={school} onChange={(next) => put(next, null)} />
        </SubBar>
      </>
    ),
    [chord, key, school, bench.doubled, bench.view, put],
  );
  const actions = useMemo(() => {
    const bring =
      (blank: 'name' | 'notes') =>
      ({ questionsFromChord }: Bringing) =>
        questionsFromChord(chord, bench.clef, key, blank);
    return (
      <>
        <Choice label="Clef" value={bench.clef} options={CLEF_OPTIONS} onChoose={chooseChordClef} />
        <NotesToggle />
        <AskClass
          entries={[
            { name: 'Its name', bring: bring('name') },
            { name: 'Its notes', bring: bring('notes') },
          ]}
        />
        <ToSheet
          entries={[
            { name: 'Its name blank', bring: bring('name') },
            { name: 'Its notes blank', bring: bring('notes') },
          ]}
        />
        <PictureMenu work={work} column={selected} name={`${bench.symbol} ${view.name.toLowerCase()}`} />
      </>
    );
  }, [bench.clef, bench.symbol, selected, view, chord, key]);

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
        <LazyNotePanel
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
