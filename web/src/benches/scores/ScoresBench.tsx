import { keyFromSignature, vocabulary, type LabelStyle, type Score } from '@diatonix/core';
import { useCallback, useRef, useState } from 'react';
import { BenchFrame } from '../../parts/BenchFrame';
import { Button } from '../../design/controls';
import { Problem } from '../../design/Problem';
import { useSame } from '../../parts/useSame';
import { SubBar } from '../../design/SubBar';
import type { Document } from '../../documents/store/document';
import { useAppearance } from '../../design/appearance';
import { ChartBar } from './ChartBar';
import { CompareFile } from './CompareFile';
import { SCORES_DESK, useOpenScore } from './desk';
import { EmptyScores } from './EmptyScores';
import { NoteBar } from './notes/NoteBar';
import { ScoreActions } from './ScoreActions';
import { ScoreGrid } from './ScoreGrid';
import { ScorePrint } from './ScorePrint';
import { ScoreMargin, type Ruled } from './ScoreMargin';
import { ScoreTitle } from './ScoreTitle';
import { TypePiece } from './TypePiece';
import { useOpenPiece } from './useOpenPiece';

const BOARD_SCALE = 1.25;

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
  const shown = useOpenPiece(open);
  const { school, engraver, score, given, reading, piece, chart, selected, noting, hear, setTheirs } = shown;
  const scale = useAppearance((state) => (state.boardSize ? BOARD_SCALE : 1));
  const typing = SCORES_DESK.use((desk) => desk.typing);
  const comparing = SCORES_DESK.use((desk) => desk.comparing);
  const printing = SCORES_DESK.use((desk) => desk.printing);
  const ruled = useSame<Ruled>({
    rulings: body.rulings,
    modulation: body.modulation,
    waived: body.waived,
    chordsFrom: body.chordsFrom,
  });
  const parts = useSame(body.score.parts);
  const uncompare = useCallback(() => setTheirs(null), [setTheirs]);
  const grid = useRef<HTMLDivElement>(null);

  return (
    <BenchFrame
      asks
      title={<ScoreTitle id={open.id} title={body.title} />}
      facts={<span className="about">{factsOf(score, reading?.tune === true, school)}</span>}
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
          onNotes={shown.showNotes}
          onSaid={onSaid}
        />
      }
      margin={
        // Until the piece is read its margin keeps its place, so that the systems are set once.
        piece ? (
          <ScoreMargin
            ruled={ruled}
            parts={parts}
            score={given}
            piece={piece}
            at={selected}
            school={school}
            onHear={hear}
            onSplit={shown.split}
            onJoin={shown.join}
            onPhraseEnd={shown.phraseEnd}
            compared={shown.comparison}
            onUncompare={uncompare}
            onShow={showAt}
          />
        ) : (
          <></>
        )
      }
    >
      {typing && <TypePiece />}
      {said && <Problem>{said}</Problem>}
      {shown.problem && <Problem>{shown.problem}</Problem>}
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
          notes={shown.notes}
          school={school}
          keyOf={shown.one?.key ?? keyFromSignature(given.signatures[0]?.fifths ?? 0, 'major')}
          asked={shown.asked}
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
      {shown.slow && (
        <SubBar>
          <span role="status">
            Reading the piece… <Button onPress={shown.cancel}>Cancel</Button>
          </span>
        </SubBar>
      )}
      {printing && (
        <ScorePrint
          body={body}
          score={score}
          vexflow={engraver?.vexflow ?? null}
          rows={shown.rows}
          columns={shown.columns}
          bracketed={shown.bracketed}
          onClose={() => SCORES_DESK.set({ printing: false })}
        />
      )}
      <div ref={grid} hidden={printing} className={printing ? 'no-print' : ''}>
        <ScoreGrid
          vexflow={engraver?.vexflow ?? null}
          score={score}
          body={body}
          scale={scale}
          rows={shown.rows}
          columns={shown.columns}
          bracketed={shown.bracketed}
          selected={selected}
          row={shown.row}
          playing={shown.playing}
          onSelect={shown.select}
          onKey={shown.onKey}
          note={shown.note}
          onPoint={noting ? shown.point : null}
        />
      </div>
    </BenchFrame>
  );
}

function factsOf({ parts, bars }: Score, isTune: boolean, school: LabelStyle): string {
  const count = parts.length === 1 ? parts[0]!.name || 'one part' : `${parts.length} parts`;
  const tune = isTune ? ', a tune alone' : '';
  return `${count}, ${bars.length} ${vocabulary(school).bar}${bars.length === 1 ? '' : 's'}${tune}`;
}
