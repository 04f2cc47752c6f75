import { NotesToggle } from '../../notes/NotesToggle';
import { PictureMenu } from '../../pictures/PictureMenu';
import { chooseChordClef, type ChordView, CHORDS_DESK, chooseChordKey, typeChain } from './state';
import { useChordsBench } from './useChordsBench';
import { midiNumber, printSymbol, printedFifths } from '@diatonix/core';
import { useMemo, useRef } from 'react';
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
import { LazyNotePanel } from '../../notes/lazy';
import { AskClass } from '../../classroom/teacher/AskClass';
import { ToSheet, type Bringing } from '../../parts/ToSheet';
import { readChain } from './chainColumns';
import { closeNotes } from './columns';
import { Members, TurnThird } from './Members';
import { WayFields } from './WayFields';
import { CHORD_VIEWS } from './views';

const ChordMargin = lazyAfterNotation(() => import('./ChordMargin').then((module) => module.ChordMargin));

/**
 * The Chords bench: one chord said in six ways, turned, laid out, written for other instruments, or set
 * beside its family.
 */
export function ChordsBench() {
  const {
    bench,
    school,
    panel,
    engraver,
    playing,
    row,
    asked,
    work,
    key,
    chord,
    gathering,
    columns,
    rows,
    frame,
    selected,
    view,
    put,
    select,
    hear,
    gather,
    onKey,
  } = useChordsBench();

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
  }, [bench.clef, bench.symbol, selected, view, chord, key, work]);

  return (
    <BenchFrame
      asks
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
