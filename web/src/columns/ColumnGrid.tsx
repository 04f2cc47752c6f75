import { useEffect, useRef, type KeyboardEvent, type ReactNode } from 'react';
import { Column } from './Column';
import { StaffLines } from './StaffLines';
import { GridStyle } from './GridStyle';
import type { GridColumn, GridRow, StaffFrame } from './types';

export interface ColumnGridProps {
  readonly label: string;
  readonly frame: StaffFrame;
  /** Clef, signature and brace, drawn at the left of the staff. */
  readonly head: ReactNode;
  readonly rows: readonly GridRow[];
  readonly columns: readonly GridColumn[];
  readonly selected: number;
  readonly selectedRow: string;
  /** The first and last column of a selection of several. */
  readonly range?: readonly [number, number] | null;
  readonly playing?: number;
  /** `extend` where the selection is to reach from where it began to the column. */
  readonly onSelect: (column: number, row: string, extend: boolean) => void;
  /** Keys other than the arrows; return true when the key was used. */
  readonly onKey?: (event: KeyboardEvent) => boolean;
  readonly scale: number;
}

/** From so many columns on, those out of sight are not laid out. */
const MANY = 16;

export const STAFF_ROW = 'staff';

/**
 * The column grid: chords as columns, one row for each thing said about them,
 * notes over their own column. To assistive technology every column is a row
 * of a table, named by one sentence, under the row labels as its headers.
 */
export function ColumnGrid(props: ColumnGridProps) {
  const {
    label,
    frame,
    head,
    rows,
    columns,
    selected,
    selectedRow,
    range = null,
    playing,
    onSelect,
    onKey,
    scale,
  } = props;
  const root = useRef<HTMLDivElement>(null);
  const byKeyboard = useRef(false);
  const order = [STAFF_ROW, ...rows.map((row) => row.id)];

  useEffect(() => {
    if (!byKeyboard.current) return;
    byKeyboard.current = false;
    root.current?.querySelector<HTMLElement>('[tabindex="0"]')?.focus();
  }, [selected, selectedRow]);

  useEffect(() => {
    if (playing === undefined || playing < 0) return;
    root.current
      ?.querySelector(`[data-column="${playing}"]`)
      ?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
  }, [playing]);

  const keyDown = (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const to = target(event.key, selected, columns.length, order.indexOf(selectedRow), order.length);
    if (to) {
      event.preventDefault();
      byKeyboard.current = true;
      onSelect(to.column, order[to.row] ?? STAFF_ROW, event.shiftKey && to.column !== selected);
    } else if (onKey?.(event)) {
      event.preventDefault();
      byKeyboard.current = true;
    }
  };

  return (
    <GridStyle
      ref={root}
      role="grid"
      aria-label={label}
      aria-rowcount={columns.length + 1}
      $scale={scale}
      onKeyDown={keyDown}
    >
      <div role="row" className="grid-head">
        <div role="columnheader" className="staff-head">
          <span className="visually-hidden">Notes</span>
          {head}
        </div>
        {rows.map((row) => (
          <div
            key={row.id}
            role="columnheader"
            className={`label kind-${row.kind}${row.parted ? ' parted' : ''}`}
          >
            {row.label}
          </div>
        ))}
      </div>
      <div role="rowgroup" className={`grid-columns${columns.length > MANY ? ' many' : ''}`}>
        <svg className="staff-lines" style={{ height: frame.height * scale }} aria-hidden="true">
          <StaffLines frame={frame} scale={scale} end />
        </svg>
        {columns.map((column, index) => (
          <Column
            key={column.id}
            column={column}
            index={index}
            rows={rows}
            frame={frame}
            scale={scale}
            selected={index === selected}
            within={range !== null && index >= range[0] && index <= range[1]}
            focusRow={
              index === selected || (index === 0 && (selected < 0 || selected >= columns.length))
                ? selectedRow
                : null
            }
            playing={index === playing}
            onSelect={onSelect}
          />
        ))}
      </div>
    </GridStyle>
  );
}

function target(
  key: string,
  column: number,
  columns: number,
  row: number,
  rows: number,
): { column: number; row: number } | null {
  const at = Math.max(0, row);
  if (columns === 0) return null;
  switch (key) {
    case 'ArrowLeft':
      return { column: Math.max(0, column - 1), row: at };
    case 'ArrowRight':
      return { column: Math.min(columns - 1, column + 1), row: at };
    case 'ArrowUp':
      return { column: Math.max(0, column), row: Math.max(0, at - 1) };
    case 'ArrowDown':
      return { column: Math.max(0, column), row: Math.min(rows - 1, at + 1) };
    case 'Home':
      return { column: 0, row: at };
    case 'End':
      return { column: columns - 1, row: at };
    default:
      return null;
  }
}
