import { deducedEntry, isTimed, parseKey, printedFifths, type LabelStyle } from '@diatonix/core';
import { useState } from 'react';
import { Toggle } from '../../design/controls';
import type { ProgressionColumn, Progression } from '../../documents/kinds/progression/type';
import type { Engraver } from '@diatonix/engraving';
import { StaffGrid } from '../../notation/StaffGrid';
import { PrintPages, type PrintedPage } from '../../parts/PrintPages';
import { fifthsAlong, lineFrame, GridColumns, metresAlong } from './columns';
import { deriveProgression } from './derive';
import { shownRows } from './rows';
import type { FourParts } from './useFourParts';

interface LinePrintProps {
  readonly progression: Progression;
  readonly school: LabelStyle;
  readonly engraver: Engraver | null;
  readonly parts: FourParts;
  readonly onClose: () => void;
}

/** The line as it is printed: whole, in systems; where something is blank or sought, the answers after it. */
export function LinePrint({ progression, school, engraver, parts, onClose }: LinePrintProps) {
  const [answers, setAnswers] = useState(true);
  const asks =
    progression.blank.length > 0 ||
    progression.columns.some((column) => 'entry' in column && column.entry.kind === 'sought');
  const title = progression.title.trim() === '' ? 'Untitled' : progression.title;
  const page = (kind: PrintedPage['kind'], line: Progression): PrintedPage => ({
    id: kind,
    title,
    kind,
    source: progression.source,
    content: (room) => (
      <PrintedLine progression={line} school={school} engraver={engraver} parts={parts} room={room} />
    ),
  });
  const pages = [
    page(asks ? 'pupils' : 'plain', progression),
    ...(asks && answers ? [page('answers', answered(progression, school))] : []),
  ];
  return (
    <PrintPages
      pages={pages}
      onClose={onClose}
      choices={
        asks && (
          <Toggle isSelected={answers} onChange={setAnswers}>
            With answers
          </Toggle>
        )
      }
    />
  );
}

/** The line with nothing blank, and with the chords that brackets and arrows lead to. */
function answered(progression: Progression, school: LabelStyle): Progression {
  const derived = deriveProgression(progression, school);
  const columns = derived.map(({ column, line }): ProgressionColumn =>
    line?.sought?.kind === 'found'
      ? ({ ...column, entry: deducedEntry(line.sought, line.key) } as ProgressionColumn)
      : column,
  );
  return { ...progression, blank: [], columns };
}

interface PrintedLineProps extends Omit<LinePrintProps, 'onClose'> {
  readonly room: number;
}

function PrintedLine({ progression, school, engraver, parts, room }: PrintedLineProps) {
  const key = parseKey(progression.key);
  const derived = deriveProgression(progression, school);
  const columns = new GridColumns().build(derived, key, school, engraver, progression, parts);
  const { frame, clefs } = lineFrame(progression.columns, parts);
  return (
    <StaffGrid
      label={`Printed: ${progression.title}`}
      frame={frame}
      engraver={engraver}
      clefs={clefs}
      fifths={printedFifths(key)}
      fifthsAt={fifthsAlong(derived, key)}
      metreAt={metresAlong(derived)}
      wrap={room}
      braced
      metre={isTimed(progression.columns) ? progression.metre : null}
      rows={shownRows(progression)}
      columns={columns}
      selected={-1}
      selectedRow="staff"
      onSelect={() => {}}
    />
  );
}
