import { parseKey, printedFifths, type LabelStyle } from '@diatonix/core';
import { useState } from 'react';
import { Toggle } from '../../design/controls';
import type { IntervalLine } from '../../documents/kinds/intervals/type';
import type { Engraver } from '@diatonix/engraving';
import { INTERVAL_AND_INVERSION } from '../../notation/frames';
import { StaffGrid } from '../../notation/StaffGrid';
import { PrintPages, type PrintedPage } from '../../parts/PrintPages';
import { intervalColumns, rowsIn } from './columns';

interface IntervalPrintProps {
  readonly bench: IntervalLine;
  readonly school: LabelStyle;
  readonly engraver: Engraver | null;
  readonly onClose: () => void;
}

/** The line of intervals as it is printed: where the names are left blank, the answers after it. */
export function IntervalPrint({ bench, school, engraver, onClose }: IntervalPrintProps) {
  const [answers, setAnswers] = useState(true);
  const page = (kind: PrintedPage['kind'], naming: boolean): PrintedPage => ({
    id: kind,
    title: 'Intervals',
    kind,
    content: (room) => (
      <StaffGrid
        label={kind === 'answers' ? 'Answers to the intervals' : 'Printed intervals'}
        frame={INTERVAL_AND_INVERSION}
        wrap={room}
        engraver={engraver}
        clefs={[bench.clef, bench.clef]}
        fifths={printedFifths(parseKey(bench.key))}
        rows={rowsIn(school)}
        // What pupils have answered on the screen is not on the paper.
        columns={intervalColumns({ ...bench, naming, answers: {}, inversionAnswers: {} }, school, engraver)}
        selected={-1}
        selectedRow="staff"
        onSelect={() => {}}
      />
    ),
  });
  const pages = bench.naming
    ? [page('pupils', true), ...(answers ? [page('answers', false)] : [])]
    : [page('plain', false)];
  return (
    <PrintPages
      pages={pages}
      onClose={onClose}
      choices={
        bench.naming && (
          <Toggle isSelected={answers} onChange={setAnswers}>
            With answers
          </Toggle>
        )
      }
    />
  );
}
