import { labelLine } from '../context/labelLine';
import { printKey, type Key } from '../key/key';
import type { LineColumn } from '../line/column';

/** Columns with the changes of key that are found in them, marked as if they had been entered. */
export function withFoundKeys<Column extends LineColumn>(
  columns: readonly Column[],
  key: Key,
): readonly Column[] {
  const labels = labelLine(columns, key, { modulate: true });
  return columns.map((column, at) =>
    labels[at]!.keyBegins ? { ...column, key: printKey(labels[at]!.key) } : column,
  );
}
