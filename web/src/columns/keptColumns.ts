import { isValidElement, type ReactNode } from 'react';
import type { GridCell, GridColumn } from './types';

/**
 * The columns of now, where one says the same as that of its id before the very one of before: only what changed is
 * drawn and measured again.
 */
export function keptColumns(
  before: readonly GridColumn[],
  now: readonly GridColumn[],
): readonly GridColumn[] {
  const known = new Map(before.map((column) => [column.id, column]));
  return now.map((column) => {
    const old = known.get(column.id);
    return old && sameColumn(old, column) ? old : column;
  });
}

function sameColumn({ cells, ...one }: GridColumn, { cells: theirs, ...other }: GridColumn): boolean {
  const rows = Object.keys(cells);
  return (
    sameShallow(one, other) &&
    rows.length === Object.keys(theirs).length &&
    rows.every((row) => sameCell(cells[row]!, theirs[row]))
  );
}

const sameCell = (one: GridCell, other: GridCell | undefined): boolean =>
  other !== undefined && one.text === other.text && sameContent(one.content, other.content);

/** Whether all fields are the same; drawings are kept by what they show, and so are one object. */
function sameShallow(one: object, other: object): boolean {
  const [mine, theirs] = [Object.entries(one), other as Readonly<Record<string, unknown>>];
  return (
    mine.length === Object.keys(other).length &&
    mine.every(([name, value]) => Object.is(value, theirs[name]) || samePlain(value, theirs[name]))
  );
}

const samePlain = (one: unknown, other: unknown): boolean =>
  typeof one === 'object' && one !== null && JSON.stringify(one) === JSON.stringify(other);

/** Whether two pieces of a page show the same: elements by what they are made of; functions only where they are one. */
function sameContent(one: ReactNode, other: ReactNode): boolean {
  if (Object.is(one, other)) return true;
  if (Array.isArray(one) && Array.isArray(other))
    return one.length === other.length && one.every((piece, at) => sameContent(piece, other[at]));
  if (!isValidElement(one) || !isValidElement(other)) return false;
  if (one.type !== other.type || one.key !== other.key) return false;
  const [mine, theirs] = [one.props as Props, other.props as Props];
  const names = Object.keys(mine);
  return (
    names.length === Object.keys(theirs).length &&
    names.every((name) =>
      name === 'children'
        ? sameContent(mine[name] as ReactNode, theirs[name] as ReactNode)
        : Object.is(mine[name], theirs[name]) || sameData(mine[name], theirs[name]),
    )
  );
}
type Props = Readonly<Record<string, unknown>>;

/** Plain data that is handed to an element; what holds a function is not plain. */
function sameData(one: unknown, other: unknown): boolean {
  if (Object.is(one, other)) return true;
  if (typeof one !== 'object' || typeof other !== 'object' || one === null || other === null) return false;
  const [mine, theirs] = [Object.entries(one), Object.entries(other)];
  return (
    Array.isArray(one) === Array.isArray(other) &&
    mine.length === theirs.length &&
    mine.every(([name, value], at) => theirs[at]![0] === name && sameData(value, theirs[at]![1]))
  );
}
