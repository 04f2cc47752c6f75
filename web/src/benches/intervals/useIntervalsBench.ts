import { midiNumber, parseKey, printNote, type Note } from '@diatonix/core';
import { useCallback, useMemo, useRef, type KeyboardEvent } from 'react';
import { keptColumns } from '../../columns/keptColumns';
import type { GridColumn } from '../../columns/types';
import { useRow } from '../../columns/useRow';
import { useEngraver } from '../../notation/useEngraver';
import { useGathering } from '../../notes/useGathering';
import { type Bringing } from '../../parts/ToSheet';
import { play, usePlayback } from '../../sound/player';
import { intervalColumns, pairOf, rowsIn } from './columns';
import { readFaults } from './faults';
import { addInterval, removeInterval, moveOctave, INTERVALS_DESK, readingIn } from './state';
import { bodyOf } from '../../documents/store/select';
import { useDocuments } from '../../documents/store/store';
import { useSchool, useSingle } from '../../documents/store/use';
import { NOTES_DESK } from '../../notes/desk';

const SECONDS = 1.5;
const itemsNow = () => bodyOf(useDocuments.getState().documents, 'intervals').items;

/** What the Intervals bench shows and does: the line, what is selected of it, and notes on their way into it. */
export function useIntervalsBench() {
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
  const drawn = useRef<readonly GridColumn[]>([]);
  const columns = useMemo(
    () => (drawn.current = keptColumns(drawn.current, intervalColumns(bench, school, engraver))),
    [bench, school, engraver],
  );
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

  return {
    bench,
    school,
    printing,
    panel,
    engraver,
    playing,
    row,
    key,
    gathering,
    work,
    columns,
    rows,
    items,
    faultsIn,
    selected,
    current,
    select,
    hear,
    remove,
    gather,
    onKey,
    sheetEntries,
    askEntries,
    marked,
  };
}
