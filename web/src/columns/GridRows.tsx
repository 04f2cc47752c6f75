import { memo } from 'react';

/** The id of a cell, by which its row owns it. */
export function cellId(grid: string, column: number, row: string): string {
  return `${grid}-${column}-${row}`;
}

/** The id of the heading of a row in a system, or of a column. */
export function rowHeadId(grid: string, system: number, row: string): string {
  return `${grid}-row-${system}-${row}`;
}

export function columnHeadId(grid: string, column: number): string {
  return `${grid}-col-${column}`;
}

interface GridRowsProps {
  readonly grid: string;
  readonly system: number;
  /** Its first and last column. */
  readonly from: number;
  readonly to: number;
  /** Ids of the rows, joined by spaces: the staff first. */
  readonly rows: string;
  /** Columns that are one cell under the staff, because they are not understood; joined by spaces. */
  readonly problems: string;
}

/**
 * The rows of a system for assistive technology: columns are drawn one by one, and a row owns its cell in each
 * of them, so that one moves along a row as a musician reads it. The rows stand apart from what they own.
 */
export const GridRows = memo(function GridRows({ grid, system, from, to, rows, problems }: GridRowsProps) {
  const broken = new Set(problems.split(' ').filter(Boolean).map(Number));
  const ids = rows.split(' ');
  const all = Array.from({ length: to - from + 1 }, (_, at) => from + at);
  const first = system * (ids.length + 1) + 1;
  return (
    <div role="rowgroup">
      <div
        role="row"
        aria-rowindex={first}
        aria-owns={[rowHeadId(grid, system, 'corner'), ...all.map((at) => columnHeadId(grid, at))].join(' ')}
      />
      {ids.map((row, index) => (
        <div
          key={row}
          role="row"
          aria-rowindex={first + index + 1}
          aria-owns={[
            rowHeadId(grid, system, row),
            // What is not understood is one cell, in the first row under the staff.
            ...all.filter((at) => index < 2 || !broken.has(at)).map((at) => cellId(grid, at, row)),
          ].join(' ')}
        />
      ))}
    </div>
  );
});
