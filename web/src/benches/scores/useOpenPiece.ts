import type { Pointed } from '@diatonix/engraving/score';
import { barAt, chartOf } from '@diatonix/core';
import { useMemo, useState, type KeyboardEvent } from 'react';
import { useSteady } from '../../parts/useSteady';
import type { Document } from '../../documents/store/document';
import { useSchool } from '../../documents/store/use';
import { useEngraver } from '../../notation/useEngraver';
import { usePlayback } from '../../sound/player';
import { ChordColumns } from './cells';
import { SCORES_DESK } from './desk';
import { listen, spansFrom } from './listen';
import { useNotes } from './notes/useNotes';
import { SCORE_ROWS } from './rows';
import { rule } from './state';
import { compared, type Theirs } from './theirLabels';
import { usePiece } from './usePiece';

const NO_CHORDS: never[] = [];

/** The open piece as it is read, which chord of it is selected, and what can be done with it. */
export function useOpenPiece(open: Document<'score'>) {
  const { body } = open;
  const school = useSchool();
  const engraver = useEngraver();
  const playing = usePlayback((state) => state.column);
  const noting = SCORES_DESK.use((desk) => desk.notes);
  const at = SCORES_DESK.use((desk) => desk.at);
  const [row, setRow] = useState('numeral');
  const [theirs, setTheirs] = useState<Theirs | null>(null);
  const { score, given, written, piece, slow, problem, cancel } = usePiece(open.id, body);
  const reading = piece?.reading ?? null;
  const chords = reading?.chords ?? NO_CHORDS;
  const comparison = useMemo(() => (theirs && reading ? compared(theirs, reading) : null), [theirs, reading]);
  const { charted, rate, simple, capo, part } = SCORES_DESK.use((desk) => desk);
  const chart = useMemo(
    () => (charted && reading ? chartOf(given, reading, { rate, simple, capo, part }) : null),
    [charted, given, reading, rate, simple, capo, part],
  );
  const [made] = useState(() => new ChordColumns());
  const columns = useMemo(
    () => (reading ? made.build(given, reading, school, comparison, chart) : []),
    [made, given, reading, school, comparison, chart],
  );
  const rows = useMemo(
    () =>
      SCORE_ROWS.filter(({ id }) =>
        id === 'theirs' ? comparison !== null : id === 'chart' ? charted : !body.hidden.includes(id),
      ),
    [body.hidden, comparison, charted],
  );
  const bracketed = useMemo(
    () => new Set(reading?.chords.flatMap(({ nonChord }) => nonChord.flatMap(({ note }) => written[note]!))),
    [reading, written],
  );
  const found = chords.findIndex(({ from, to }) => at >= from && at < to);
  const selected = found < 0 ? (chords.length > 0 ? 0 : -1) : found;
  const one = chords[selected];

  const select = useSteady((chord: number, rowId: string) => {
    const from = chords[chord]?.from;
    if (from !== undefined) SCORES_DESK.set({ at: from });
    setRow(rowId);
  });
  const notes = useNotes(score, body.tempo);
  const [asked, setAsked] = useState(0);
  const note = noting ? notes.place : -1;
  const point = useSteady((pointed: Pointed) => {
    notes.select(pointed.place);
    if (pointed.note) notes.edit({ kind: 'pitch', note: pointed.note }, pointed.place);
    setAsked((count) => count + 1);
  });
  const showNotes = (shown: boolean) => {
    SCORES_DESK.set({ notes: shown });
    if (!shown) return;
    notes.selectAt(one?.from ?? 0);
    setAsked((count) => count + 1);
  };
  const hear = useSteady((alone: boolean) => {
    if (!reading || !one) return;
    const { heard, loop } = SCORES_DESK.get();
    // The chart sounds at pitch, whatever it is named for.
    const material = {
      score: given,
      reading,
      chart: charted ? chartOf(given, reading, { rate, simple, capo: 0 }) : null,
    };
    const bar = barAt(score.bars, one.from)!;
    const spans = alone ? [one] : loop ? [bar] : spansFrom(score, one.from);
    listen(heard, material, spans, body.tempo, loop && !alone);
  });
  const split = useSteady(() => {
    const next = one && reading?.slices[one.firstSlice + 1];
    if (next && one.endSlice - one.firstSlice > 1) rule({ kind: 'split', at: next.from });
  });
  const join = useSteady(() => {
    const before = chords[selected - 1];
    if (!one || !before) return;
    rule({ kind: 'join', at: one.from });
    SCORES_DESK.set({ at: before.from });
  });
  const phraseEnd = useSteady(() => {
    if (!one || !reading) return;
    const ends = reading.phraseEnds.some((end) => end.at === one.to);
    rule({ kind: ends ? 'no-phrase-end' : 'phrase-end', at: one.to });
  });
  const onKey = (event: KeyboardEvent): boolean => {
    switch (event.key) {
      case ' ':
        hear(!event.shiftKey);
        return true;
      case 's':
        split();
        return true;
      case 'j':
        join();
        return true;
      case 'p':
        phraseEnd();
        return true;
      case 'n':
        showNotes(true);
        return true;
      default:
        return false;
    }
  };

  return {
    ...{
      school,
      engraver,
      playing,
      score,
      given,
      reading,
      piece,
      slow,
      problem,
      cancel,
      comparison,
      setTheirs,
    },
    ...{ chart, columns, rows, row, bracketed, selected, one, notes, noting, note, asked, point, showNotes },
    ...{ select, hear, split, join, phraseEnd, onKey },
  };
}
