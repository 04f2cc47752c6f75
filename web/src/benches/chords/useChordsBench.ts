import { closeNotes } from './columns';
import {
  attempt,
  identify,
  midiNumber,
  parseKey,
  parseSymbol,
  sameChord,
  type Chord,
  type Note,
} from '@diatonix/core';
import { useCallback, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { useRow } from '../../columns/useRow';
import { useEngraver } from '../../notation/useEngraver';
import type { NoteManner } from '../../notes/NotePanel';
import { toggled, useGathering } from '../../notes/useGathering';
import { play, usePlayback } from '../../sound/player';
import { putChord, CHORDS_DESK, type ShownStudy } from './state';
import { useSchool, useSingle } from '../../documents/store/use';
import { NOTES_DESK } from '../../notes/desk';
import { CHORD_VIEWS, shownOf } from './views';

const SECONDS = 1.6;

/** What the Chords bench shows and does: its chord, the columns of its view, and notes on their way into it. */
export function useChordsBench() {
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

  return {
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
  };
}
