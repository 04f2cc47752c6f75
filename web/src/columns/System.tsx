import { memo, type ReactNode } from 'react';
import { Column } from './Column';
import { rowHeadId } from './GridRows';
import { StaffLines } from './StaffLines';
import type { GridColumn, GridRow, StaffFrame } from './types';

export const STAFF_ROW = 'staff';

interface SystemProps {
  readonly grid: string;
  /** Its number from 0, and that of its first column. */
  readonly system: number;
  readonly from: number;
  readonly columns: readonly GridColumn[];
  readonly frame: StaffFrame;
  readonly head: (first: number) => ReactNode;
  readonly staffSaid: string;
  readonly rows: readonly GridRow[];
  readonly many: boolean;
  /** Whether the line ends with it. */
  readonly ends: boolean;
  readonly scale: number;
  /** What is selected or sounding in it, −1 for nothing. */
  readonly selected: number;
  /** The row that takes the keyboard focus, when it is in this system. */
  readonly focusRow: string | null;
  readonly rangeFrom: number;
  readonly rangeTo: number;
  readonly playing: number;
  readonly onSelect: (column: number, row: string, extend: boolean) => void;
}

/** One system of the grid: its head, its labels and its columns. Drawn again only when something in it changes. */
export const System = memo(function System(props: SystemProps) {
  const { grid, system, from, columns, frame, head, staffSaid, rows, many, ends, scale } = props;
  const { selected, focusRow, rangeFrom, rangeTo, playing, onSelect } = props;
  return (
    <div className="grid-system">
      <div className="grid-head">
        <div role="rowheader" id={rowHeadId(grid, system, STAFF_ROW)} className="staff-head">
          <span className="visually-hidden">Notes{staffSaid === '' ? '' : `, ${staffSaid}`}</span>
          {head(from)}
        </div>
        <span role="columnheader" id={rowHeadId(grid, system, 'corner')} className="visually-hidden">
          Row
        </span>
        {rows.map((row) => (
          <div
            key={row.id}
            role="rowheader"
            id={rowHeadId(grid, system, row.id)}
            className={`label kind-${row.kind}${row.parted ? ' parted' : ''}`}
          >
            {row.label}
          </div>
        ))}
      </div>
      <div className={`grid-columns${many ? ' many' : ''}${ends ? '' : ' full'}`}>
        <svg className="staff-lines" style={{ height: frame.height * scale }} aria-hidden="true">
          <StaffLines frame={frame} scale={scale} end={ends} />
        </svg>
        {columns.map((column, within) => {
          const index = from + within;
          return (
            <Column
              key={column.id}
              grid={grid}
              column={column}
              index={index}
              rows={rows}
              frame={frame}
              scale={scale}
              heads={within === 0}
              selected={index === selected}
              within={index >= rangeFrom && index <= rangeTo}
              focusRow={index === selected || (index === 0 && selected < 0) ? focusRow : null}
              playing={index === playing}
              onSelect={onSelect}
            />
          );
        })}
      </div>
    </div>
  );
}, sameProps);

/** The same props, the columns compared one by one. */
function sameProps(before: SystemProps, now: SystemProps): boolean {
  const { columns: old, ...rest } = before;
  const names = Object.keys(rest) as (keyof typeof rest)[];
  return (
    names.every((name) => before[name] === now[name]) &&
    old.length === now.columns.length &&
    old.every((column, at) => column === now.columns[at])
  );
}
