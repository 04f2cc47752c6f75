import { memo } from 'react';
import { cellId, columnHeadId } from './GridRows';
import { Bars } from './StaffLines';
import type { GridColumn, GridRow, StaffFrame } from './types';

interface ColumnProps {
  /** The id of the grid, from which those of its cells are made. */
  readonly grid: string;
  readonly column: GridColumn;
  readonly index: number;
  readonly rows: readonly GridRow[];
  readonly frame: StaffFrame;
  readonly scale: number;
  readonly selected: boolean;
  /** Whether it belongs to a selection of several columns. */
  readonly within: boolean;
  /** The row that takes the keyboard focus, when it is in this column. */
  readonly focusRow: string | null;
  readonly playing: boolean;
  /** Whether it begins a system, whose head has the signature already. */
  readonly heads: boolean;
  readonly onSelect: (column: number, row: string, extend: boolean) => void;
}

const ROOM = 9;
/** Room for the dots of a repeat before the notes. */
const REPEAT_ROOM = 10;

/** One column. Drawn again only when its own data change. */
export const Column = memo(function Column(props: ColumnProps) {
  const { grid, column, index, rows, frame, scale, selected, within, focusRow, playing, heads, onSelect } =
    props;
  const { staff } = column;
  const half = staff ? Math.max(staff.left, staff.right) + ROOM : 20;
  // A signature that changes within the line stands before the notes.
  const signature = heads ? null : (column.signature ?? null);
  const indent = (signature?.width ?? 0) + (column.before ? REPEAT_ROOM : 0);
  const state = [
    ['selected', selected],
    ['within', within],
    ['playing', playing],
    ['muted', column.muted],
    ['problem', column.problem],
  ]
    .filter(([, on]) => on)
    .map(([name]) => ` ${String(name)}`)
    .join('');
  return (
    <div role="presentation" className={`grid-column${state}`} data-column={index} data-after={column.after}>
      <span role="columnheader" id={columnHeadId(grid, index)} className="visually-hidden">
        {column.sentence.split(',')[0]}
      </span>
      <div
        role="gridcell"
        id={cellId(grid, index, 'staff')}
        className="cell staff-cell"
        tabIndex={focusRow === 'staff' ? 0 : -1}
        aria-label={column.sentence}
        aria-selected={selected || within}
        aria-colindex={index + 2}
        style={{ height: frame.height * scale, minWidth: (2 * half + indent) * scale }}
        onClick={(event) => onSelect(index, 'staff', event.shiftKey)}
      >
        <svg className="staff" aria-hidden="true">
          {column.before && <Bars kind="repeat" at="start" frame={frame} scale={scale} />}
          {column.after && <Bars kind={column.after} at="end" frame={frame} scale={scale} />}
          {column.ending && <EndingBracket ending={column.ending} top={frame.staves[0]!} scale={scale} />}
          {signature && (
            <g transform={`scale(${scale})`} dangerouslySetInnerHTML={{ __html: signature.markup }} />
          )}
          {staff && (
            <svg x="50%" overflow="visible">
              <g
                transform={`translate(${(indent / 2) * scale} 0) scale(${scale})`}
                dangerouslySetInnerHTML={{ __html: staff.markup }}
              />
            </svg>
          )}
        </svg>
      </div>
      {column.problem !== undefined ? (
        <div
          role="gridcell"
          id={cellId(grid, index, rows[0]?.id ?? 'none')}
          aria-rowspan={rows.length}
          aria-colindex={index + 2}
          className="cell problem-cell"
          tabIndex={focusRow !== null && focusRow !== 'staff' ? 0 : -1}
          onClick={(event) => onSelect(index, 'numeral', event.shiftKey)}
        >
          <span className="problem-mark" aria-hidden="true">
            !
          </span>
          <span className="problem-text">{column.problem}</span>
          not understood
        </div>
      ) : (
        rows.map((row) => {
          const cell = column.cells[row.id];
          return (
            <div
              key={row.id}
              role="gridcell"
              id={cellId(grid, index, row.id)}
              aria-colindex={index + 2}
              className={`cell kind-${row.kind}${row.parted ? ' parted' : ''}${focusRow === row.id ? ' active' : ''}`}
              data-row={row.id}
              tabIndex={focusRow === row.id ? 0 : -1}
              aria-label={`${row.label}: ${cell?.text || 'nothing'}`}
              onClick={(event) => onSelect(index, row.id, event.shiftKey)}
            >
              {cell?.content ?? cell?.text ?? ''}
            </div>
          );
        })
      )}
    </div>
  );
});

/** How far over the staff an ending's bracket stands, and how deep its hooks are, in staff units. */
const ENDING = { over: 44, hook: 12, number: 14 };

/** The bracket of a first or second ending, over the staff. */
function EndingBracket({
  ending: { number, begins, ends },
  top,
  scale,
}: {
  ending: NonNullable<GridColumn['ending']>;
  top: number;
  scale: number;
}) {
  const y = Math.max(2, (top - ENDING.over) * scale);
  const hook = y + ENDING.hook * scale;
  return (
    <g className="ending">
      <line className="barline" x1="0" x2={ends ? '98%' : '100%'} y1={y} y2={y} />
      {begins && <line className="barline" x1="1" x2="1" y1={y} y2={hook} />}
      {ends && <line className="barline" x1="98%" x2="98%" y1={y} y2={hook} />}
      {begins && (
        <text x={6 * scale} y={y + ENDING.number * scale} fontSize={13 * scale} stroke="none">
          {number}.
        </text>
      )}
    </g>
  );
}
