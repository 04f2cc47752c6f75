import type { Score } from '@diatonix/core';
import { useState } from 'react';
import type { GridRow } from '../../columns/types';
import { Toggle } from '../../design/controls';
import type { ScorePiece } from '../../documents/kinds/score/type';
import type { VexFlow } from '@diatonix/engraving';
import { PrintPages, type PrintedPage } from '../../parts/PrintPages';
import type { ChordColumn } from './cells';
import { ScoreGrid } from './ScoreGrid';

interface ScorePrintProps {
  readonly body: ScorePiece;
  readonly score: Score;
  readonly vexflow: VexFlow | null;
  readonly rows: readonly GridRow[];
  readonly columns: readonly ChordColumn[];
  readonly bracketed: ReadonlySet<number>;
  readonly onClose: () => void;
}

const NOTHING: ReadonlySet<number> = new Set();
/** The key is given; what is said of the chords in it is to be found. */
const GIVEN_ROWS = ['key'];

/** The piece as it is printed: whole, in systems; with its labels, or to be labelled, with the answers after it. */
export function ScorePrint({ body, score, vexflow, rows, columns, bracketed, onClose }: ScorePrintProps) {
  const [asks, setAsks] = useState(false);
  const [answers, setAnswers] = useState(true);
  // A row in which nothing stands is not printed.
  const printed = rows.filter(({ id }) => columns.some(({ cells }) => (cells[id]?.text ?? '') !== ''));
  const page = (kind: PrintedPage['kind'], blank: boolean): PrintedPage => ({
    id: kind,
    title: body.title.trim() === '' ? 'Untitled' : body.title,
    kind,
    source: score.composer,
    content: (room) => (
      <ScoreGrid
        vexflow={vexflow}
        score={score}
        body={body}
        scale={1}
        rows={printed}
        columns={blank ? columns.map(blanked) : columns}
        bracketed={blank ? NOTHING : bracketed}
        selected={-1}
        row=""
        playing={-1}
        room={room}
        onSelect={() => undefined}
        onKey={() => false}
        note={-1}
        onPoint={null}
      />
    ),
  });
  return (
    <PrintPages
      pages={
        asks ? [page('pupils', true), ...(answers ? [page('answers', false)] : [])] : [page('plain', false)]
      }
      onClose={onClose}
      choices={
        <>
          <Toggle isSelected={asks} onChange={setAsks}>
            To be labelled
          </Toggle>
          {asks && (
            <Toggle isSelected={answers} onChange={setAnswers}>
              With answers
            </Toggle>
          )}
        </>
      }
    />
  );
}

/** A chord of which only the place is printed: a line to write on. */
function blanked(column: ChordColumn): ChordColumn {
  const line = {
    text: 'to be filled in',
    letters: 4,
    content: <span className="blank" aria-hidden="true" />,
  };
  const cells = Object.fromEntries(
    Object.entries(column.cells).map(([row, cell]) => [
      row,
      GIVEN_ROWS.includes(row) || cell.text === ''
        ? { text: GIVEN_ROWS.includes(row) ? cell.text : '' }
        : line,
    ]),
  );
  return { ...column, sentence: column.sentence.split(',')[0]!, cells };
}
