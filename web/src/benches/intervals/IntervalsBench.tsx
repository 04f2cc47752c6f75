import { midiNumber, parseKey, printedFifths, printNote, signatureWords, type Note } from '@diatonix/core';
import { Suspense, useCallback, useMemo, useRef, type KeyboardEvent } from 'react';
import { useRow } from '../../columns/useRow';
import { BenchFrame } from '../../parts/BenchFrame';
import { Choice } from '../../design/Choice';
import { CLEF_OPTIONS } from '../../parts/clefs';
import { Button, Toggle } from '../../design/controls';
import { KeyPicker } from '../../parts/KeyPicker';
import { LineField } from '../../design/LineField';
import { keyName } from '../../parts/names';
import { INTERVAL_AND_INVERSION } from '../../notation/frames';
import { StaffGrid } from '../../notation/StaffGrid';
import { lazyAfterNotation } from '../../notation/lazyAfterNotation';
import { useEngraver } from '../../notation/useEngraver';
import { LazyNotePanel } from '../../notes/lazy';
import { NotesToggle } from '../../notes/NotesToggle';
import { useGathering } from '../../notes/useGathering';
import { AskClass } from '../../classroom/teacher/AskClass';
import { ToSheet, type Bringing } from '../../parts/ToSheet';
import { PictureMenu } from '../../pictures/PictureMenu';
import { play, usePlayback } from '../../sound/player';
import { exportIntervals } from './exportIntervals';
import { intervalColumns, pairOf, rowsIn } from './columns';
import { itemText } from './state';
import { readFaults } from './faults';
import {
  addInterval,
  choosePerBar,
  chooseIntervalClef,
  chooseIntervalKey,
  pencil,
  nameYourself,
  typeIntervals,
  removeInterval,
  moveOctave,
  INTERVALS_DESK,
  readingIn,
} from './state';
import { bodyOf } from '../../documents/store/select';
import { useDocuments } from '../../documents/store/store';
import { openDemo } from '../../documents/persistence/openDemo';
import { useSchool, useSingle } from '../../documents/store/use';
import { NOTES_DESK } from '../../notes/desk';
import { MOST_PER_BAR } from '../../documents/kinds/intervals/type';
import { part } from '../../design/part';

const IntervalMargin = lazyAfterNotation(() =>
  import('./IntervalMargin').then((module) => module.IntervalMargin),
);

const IntervalPrint = part(() => import('./IntervalPrint').then((module) => module.IntervalPrint));

const SECONDS = 1.5;
const itemsNow = () => bodyOf(useDocuments.getState().documents, 'intervals').items;

const PER_BAR = Array.from({ length: MOST_PER_BAR }, (_, index) => ({
  id: String(index + 1),
  name: `${index + 1} in a bar`,
}));

/**
 * The Intervals bench: a line of intervals under one signature, each with its name, its inversion and its
 * check.
 */
export function IntervalsBench() {
  const bench = useSingle('intervals');
  const school = useSchool();
  const selectedId = INTERVALS_DESK.use(({ column }) => column);
  const printing = INTERVALS_DESK.use((desk) => desk.printing);
  const panel = NOTES_DESK.use(({ open }) => open);
  const engraver = useEngraver();
  const playing = usePlayback((state) => state.column);
  const [row, setRow] = useRow();

  const key = useMemo(() => parseKey(bench.key), [bench.key]);
  const gathering = useGathering(key);
  const work = useRef<HTMLDivElement>(null);
  const columns = useMemo(() => intervalColumns(bench, school, engraver), [bench, school, engraver]);
  const rows = useMemo(() => rowsIn(school), [school]);
  const { items } = bench;
  const faultsIn = useCallback(
    (line: string) => readFaults(line, readingIn(bench.clef, school.letters)),
    [bench.clef, school.letters],
  );
  const found = items.findIndex((item) => item.id === selectedId);
  const selected = found < 0 ? (items.length > 0 ? 0 : -1) : found;
  const current = items[selected] ?? null;
  const select = useCallback(
    (index: number, rowId: string) => {
      INTERVALS_DESK.set({ column: itemsNow()[index]?.id ?? null });
      setRow(rowId);
    },
    [setRow],
  );

  const hear = (manner: 'together' | 'note by note') => {
    const pair = current && pairOf(current);
    if (pair?.ok) void play([[pair.from, pair.to]], { seconds: SECONDS, from: selected, manner });
  };
  const remove = () => {
    if (!current) return;
    const next = items[selected + 1] ?? items[selected - 1];
    removeInterval(current.id);
    INTERVALS_DESK.set({ column: next?.id ?? null });
  };
  /** Two notes make an interval, in the order in which they come. */
  const gather = (note: Note) => {
    const notes = [...gathering.now(), note];
    if (notes.length < 2) return gathering.set(notes);
    INTERVALS_DESK.set({
      column: addInterval(printNote(notes[0]!), printNote(notes[1]!), current?.id ?? null),
    });
    gathering.clear();
  };
  const onKey = (event: KeyboardEvent): boolean => {
    const lettered = gathering.ofLetter(event.key);
    if (lettered) {
      gather(lettered);
      return true;
    }
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

  const bring =
    (blank: 'name' | 'note' | 'inversion', of = items) =>
    ({ questionsFromIntervals }: Bringing) =>
      questionsFromIntervals(
        of.flatMap((item) => {
          const read = pairOf(item);
          return read.ok ? [[read.from, read.to] as const] : [];
        }),
        bench.clef,
        key,
        blank,
      );
  const sheetEntries = [
    { name: 'The names blank', bring: bring('name') },
    { name: 'The upper notes blank', bring: bring('note') },
    { name: 'The inversions blank', bring: bring('inversion') },
  ];
  const own = current ? [current] : [];
  const askEntries = [
    { name: 'Its name', bring: bring('name', own) },
    { name: 'Its upper note', bring: bring('note', own) },
    { name: 'Its inversion', bring: bring('inversion', own) },
  ];
  const pair = current && pairOf(current);
  const marked = pair?.ok ? [pair.from, pair.to].sort((a, b) => midiNumber(a) - midiNumber(b)) : [];

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
          <Choice
            label="Intervals in a bar"
            value={String(bench.perBar)}
            options={PER_BAR}
            onChoose={(count) => choosePerBar(Number(count))}
          />
          <Toggle isSelected={bench.naming} onChange={nameYourself}>
            Name it yourself
          </Toggle>
          <Toggle isSelected={bench.pencilled} onChange={pencil}>
            Pencilled in
          </Toggle>
          <NotesToggle />
          <AskClass entries={askEntries} />
          <ToSheet entries={sheetEntries} />
          <PictureMenu
            work={work}
            column={selected}
            name="intervals"
            onMusicXml={() => void exportIntervals(bench)}
            onPrint={() => INTERVALS_DESK.set({ printing: true })}
          />
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
      {printing && (
        <Suspense fallback={null}>
          <IntervalPrint
            bench={bench}
            school={school}
            engraver={engraver}
            onClose={() => INTERVALS_DESK.set({ printing: false })}
          />
        </Suspense>
      )}
      <div ref={work} className={printing ? 'no-print' : ''} hidden={printing}>
        {columns.length === 0 ? (
          <p>
            Nothing stands here yet. Type two notes, or a note and what to build on it, with commas between:{' '}
            <b>E4 C#5, Ab3 M6, C5 -m3</b>.{' '}
            <Button onPress={() => typeIntervals('E4 C#5, Ab3 M6, C5 -m3')}>Put these</Button>{' '}
            <Button onPress={() => void openDemo()}>Open the demo workbook</Button>
          </p>
        ) : (
          <StaffGrid
            label="Line of intervals"
            frame={INTERVAL_AND_INVERSION}
            wrap="fit"
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
        )}
      </div>
      {gathering.gathered.length > 0 && !panel && (
        <p role="status">{printNote(gathering.gathered[0]!)}, and what note to it? Type its letter.</p>
      )}
      <LineField
        label="Intervals: two notes, or a note and an interval, with commas between"
        placeholder="Type intervals with commas between: B3 G#4, Ab3 M6, C5 m3 down"
        owner="intervals"
        stored={items.map((item) => itemText(item, school.letters)).join(', ')}
        readFaults={faultsIn}
        onType={typeIntervals}
      />
      {panel && (
        <LazyNotePanel
          keyOf={key}
          clef={bench.clef}
          shown={gathering.gathered.length > 0 ? gathering.gathered : marked}
          gaps
          gathered={gathering.gathered}
          hint={
            gathering.gathered.length === 0 ? 'Put the first note of an interval.' : 'Put the second note.'
          }
          onNote={gather}
          onClear={gathering.clear}
        />
      )}
    </BenchFrame>
  );
}
