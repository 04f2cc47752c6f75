import { useEffect, useId, useLayoutEffect, useRef, type KeyboardEvent, type ReactNode } from 'react';
import { announce } from '../design/announce';
import { GridRows } from './GridRows';
import { GridStyle } from './GridStyle';
import { STAFF_ROW, System } from './System';
import type { GridColumn, GridRow, StaffFrame } from './types';
import { useSystems } from './useSystems';

export interface ColumnGridProps {
  readonly label: string;
  readonly frame: StaffFrame;
  /** Clef, signature and brace at the left of the system that begins with a column. */
  readonly head: (first: number) => ReactNode;
  /** What the clefs and the signature say, for one who does not see them. */
  readonly staffSaid: string;
  /** Breaks the line into systems: as the room allows, at a width in pixels, or never. */
  readonly wrap?: 'fit' | number | null;
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
const NONE = -1;

/**
 * The column grid: chords as columns, one row for each thing said about them,
 * notes over their own column, in one line or in systems. To assistive
 * technology it is a table with a header for every row and column.
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
    staffSaid,
    wrap = null,
  } = props;
  const grid = useId().replace(/[^\w-]/g, '');
  const root = useRef<HTMLDivElement>(null);
  const byKeyboard = useRef(false);
  const focused = useRef(false);
  const order = [STAFF_ROW, ...rows.map((row) => row.id)];
  const systems = useSystems(root, columns, wrap, `${scale} ${order.join(' ')}`);

  // Before anything else happens: a key that is struck at once goes where the focus stands.
  useLayoutEffect(() => {
    // The cell with the focus may be gone, by removing, undoing or another tab: the focus stays in the grid.
    const lost = focused.current && document.activeElement === document.body;
    if (!byKeyboard.current && !lost) return;
    byKeyboard.current = false;
    root.current?.querySelector<HTMLElement>('[tabindex="0"]')?.focus();
  }, [selected, selectedRow, columns]);

  const count = useRef(0);
  useEffect(() => {
    const before = count.current;
    count.current = columns.length;
    // Nothing is added before the page stands.
    if (columns.length > before)
      void import('../design/arrive').then(({ goOnInGrid }) => goOnInGrid(before === 0));
  }, [columns.length]);

  // What an edit made of the selected column is said; moving to another says it by itself.
  const now = columns[selected];
  const before = useRef(now);
  useEffect(() => {
    const old = before.current;
    before.current = now;
    if (focused.current && old && now && old.id === now.id && old.sentence !== now.sentence)
      announce(now.sentence);
  }, [now]);

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

  const inLine = selected >= 0 && selected < columns.length;
  return (
    <GridStyle
      ref={root}
      $scale={scale}
      className={systems.length > 1 ? 'grid in-systems' : 'grid'}
      onKeyDown={keyDown}
      onFocus={() => (focused.current = true)}
      onBlur={({ target }) => (focused.current = !target.isConnected)}
    >
      <div
        role="grid"
        aria-label={label}
        aria-rowcount={systems.length * (order.length + 1)}
        aria-colcount={columns.length + 1}
      >
        {systems.map(([from, to], system) => (
          <GridRows
            key={system}
            grid={grid}
            system={system}
            from={from}
            to={to}
            rows={order.join(' ')}
            problems={problemsIn(columns, from, to)}
          />
        ))}
      </div>
      {systems.map(([from, to], system) => {
        const own = (at: number) => (at >= from && at <= to ? at : NONE);
        return (
          <System
            key={system}
            grid={grid}
            system={system}
            from={from}
            columns={columns.slice(from, to + 1)}
            frame={frame}
            head={head}
            staffSaid={system === 0 ? staffSaid : ''}
            rows={rows}
            many={columns.length > MANY && systems.length === 1}
            ends={to === columns.length - 1}
            scale={scale}
            selected={own(selected)}
            focusRow={own(selected) !== NONE || (from === 0 && !inLine) ? selectedRow : null}
            rangeFrom={range ? Math.max(range[0], from) : NONE}
            rangeTo={range ? Math.min(range[1], to) : NONE}
            playing={own(playing ?? NONE)}
            onSelect={onSelect}
          />
        );
      })}
    </GridStyle>
  );
}

/** The numbers of the columns of a system that are not understood, joined by spaces. */
function problemsIn(columns: readonly GridColumn[], from: number, to: number): string {
  return columns
    .slice(from, to + 1)
    .flatMap(({ problem }, at) => (problem === undefined ? [] : [from + at]))
    .join(' ');
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
