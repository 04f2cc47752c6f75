import { barAt, chartOf, keyFromSignature } from '@diatonix/core';
import { useCallback, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { BenchFrame } from '../../parts/BenchFrame';
import { Button } from '../../design/controls';
import { Problem } from '../../design/Problem';
import { useSame } from '../../parts/useSame';
import { useSteady } from '../../parts/useSteady';
import { SubBar } from '../../design/SubBar';
import type { Document } from '../../documents/store/document';
import { useSchool } from '../../documents/store/use';
import type { Pointed } from '../../notation/score/heads';
import { useEngraver } from '../../notation/useEngraver';
import { useAppearance } from '../../design/appearance';
import { usePlayback } from '../../sound/player';
import { ChordColumns } from './cells';
import { ChartBar } from './ChartBar';
import { CompareFile } from './CompareFile';
import { SCORES_DESK, useOpenScore } from './desk';
import { EmptyScores } from './EmptyScores';
import { listen } from './listen';
import { NoteBar } from './notes/NoteBar';
import { useNotes } from './notes/useNotes';
import { SCORE_ROWS } from './rows';
import { ScoreActions } from './ScoreActions';
import { ScoreGrid } from './ScoreGrid';
import { ScorePrint } from './ScorePrint';
import { ScoreMargin, type Ruled } from './ScoreMargin';
import { ScoreTitle } from './ScoreTitle';
import { rule } from './state';
import { compared, type Theirs } from './theirLabels';
import { TypePiece } from './TypePiece';
import { usePiece } from './usePiece';

const BOARD_SCALE = 1.25;
const NO_CHORDS: never[] = [];

const showAt = (time: number) => SCORES_DESK.set({ at: time });

/** The Scores bench: a piece as written, read chord by chord, with the evidence and the teacher's rulings. */
export function ScoresBench() {
  const open = useOpenScore();
  const [said, setSaid] = useState<string | null>(null);
  if (open) return <OpenPiece key={open.id} open={open} said={said} onSaid={setSaid} />;
  return (
    <BenchFrame title={<h1>Scores</h1>} facts={null} actions={null} margin={null}>
      {said && <Problem>{said}</Problem>}
      <EmptyScores onSaid={setSaid} />
    </BenchFrame>
  );
}

interface OpenPieceProps {
  readonly open: Document<'score'>;
  readonly said: string | null;
  readonly onSaid: (said: string | null) => void;
}

function OpenPiece({ open, said, onSaid }: OpenPieceProps) {
  const { body } = open;
  const school = useSchool();
  const engraver = useEngraver();
  const scale = useAppearance((state) => (state.boardSize ? BOARD_SCALE : 1));
  const playing = usePlayback((state) => state.column);
  const typing = SCORES_DESK.use((desk) => desk.typing);
  const comparing = SCORES_DESK.use((desk) => desk.comparing);
  const printing = SCORES_DESK.use((desk) => desk.printing);
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
  const ruled = useSame<Ruled>({ rulings: body.rulings, modulation: body.modulation, waived: body.waived });
  const parts = useSame(body.score.parts);
  const uncompare = useCallback(() => setTheirs(null), []);
  const notes = useNotes(score, body.tempo);
  const [asked, setAsked] = useState(0);
  const grid = useRef<HTMLDivElement>(null);
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
    const span = alone ? one : loop ? bar : { from: one.from, to: chords[chords.length - 1]!.to };
    listen(heard, material, span, body.tempo, loop && !alone);
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

  return (
    <BenchFrame
      title={<ScoreTitle id={open.id} title={body.title} />}
      facts={<span className="about">{factsOf(score)}</span>}
      actions={
        <ScoreActions
          body={body}
          score={score}
          given={given}
          reading={reading}
          selected={selected}
          work={grid}
          school={school}
          onPlay={() => hear(false)}
          onNotes={showNotes}
          onSaid={onSaid}
        />
      }
      margin={
        piece && (
          <ScoreMargin
            ruled={ruled}
            parts={parts}
            score={given}
            piece={piece}
            at={selected}
            school={school}
            onHear={hear}
            onSplit={split}
            onJoin={join}
            onPhraseEnd={phraseEnd}
            compared={comparison}
            onUncompare={uncompare}
            onShow={showAt}
          />
        )
      }
    >
      {typing && <TypePiece />}
      {said && <Problem>{said}</Problem>}
      {problem && <Problem>{problem}</Problem>}
      {chart && reading && (
        <ChartBar
          title={body.title}
          piece={score}
          score={given}
          reading={reading}
          chart={chart}
          school={school}
          onShow={showAt}
        />
      )}
      {noting && (
        <NoteBar
          score={score}
          notes={notes}
          school={school}
          keyOf={one?.key ?? keyFromSignature(given.signatures[0]?.fifths ?? 0, 'major')}
          asked={asked}
          onLeave={() => grid.current?.querySelector<HTMLElement>('[tabindex="0"][role="gridcell"]')?.focus()}
        />
      )}
      {comparing && reading && (
        <CompareFile
          score={given}
          reading={reading}
          onTheirs={(read) => {
            setTheirs(read);
            SCORES_DESK.set({ tab: 'compare', comparing: false });
          }}
          onClose={() => SCORES_DESK.set({ comparing: false })}
        />
      )}
      {slow && (
        <SubBar>
          <span role="status">
            Reading the piece… <Button onPress={cancel}>Cancel</Button>
          </span>
        </SubBar>
      )}
      {printing && (
        <ScorePrint
          body={body}
          score={score}
          vexflow={engraver?.vexflow ?? null}
          rows={rows}
          columns={columns}
          bracketed={bracketed}
          onClose={() => SCORES_DESK.set({ printing: false })}
        />
      )}
      <div ref={grid} hidden={printing} className={printing ? 'no-print' : ''}>
        <ScoreGrid
          vexflow={engraver?.vexflow ?? null}
          score={score}
          closed={body.closed}
          scale={scale}
          rows={rows}
          columns={columns}
          bracketed={bracketed}
          selected={selected}
          row={row}
          playing={playing}
          onSelect={select}
          onKey={onKey}
          note={note}
          onPoint={noting ? point : null}
        />
      </div>
    </BenchFrame>
  );
}

function factsOf({ parts, bars }: ReturnType<typeof usePiece>['score']): string {
  const count = parts.length === 1 ? parts[0]!.name || 'one part' : `${parts.length} parts`;
  return `${count}, ${bars.length} ${bars.length === 1 ? 'bar' : 'bars'}`;
}
