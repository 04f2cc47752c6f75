import type { GridRow } from '../../columns/types';
import type { Progression } from '../../documents/kinds/progression/type';

/** Every row of the bench, in the usual order. */
export const ROWS: readonly GridRow[] = [
  { id: 'melody', label: 'Melody', kind: 'soft' },
  { id: 'fingers', label: 'Right hand', kind: 'soft' },
  { id: 'key', label: 'Key', kind: 'soft', parted: true },
  { id: 'numeral', label: 'Numeral', kind: 'numeral' },
  { id: 'figures', label: 'Figured bass', kind: 'figures' },
  { id: 'targets', label: 'Targets', kind: 'targets' },
  { id: 'symbol', label: 'Symbol', kind: 'text' },
  { id: 'notes', label: 'Letters', kind: 'soft' },
  { id: 'degrees', label: 'Degrees', kind: 'soft' },
  { id: 'function', label: 'Function', kind: 'soft' },
  { id: 'cadence', label: 'Cadence', kind: 'soft' },
  { id: 'words', label: 'Words', kind: 'soft' },
];

const FAULTS: GridRow = { id: 'faults', label: 'Faults', kind: 'soft', parted: true };

/**
 * All rows in the order that was chosen; rows that it does not name keep their usual place after those before
 * them.
 */
export function orderedRows(order: readonly string[]): GridRow[] {
  const rank = (id: string) => {
    const at = order.indexOf(id);
    return at < 0 ? ROWS.length : at;
  };
  return [...ROWS].sort((a, b) => rank(a.id) - rank(b.id));
}

/** Rows that have something to say only where it was written. */
const WRITTEN: Record<string, (progression: Progression) => boolean> = {
  melody: ({ columns }) => columns.some(({ melody }) => melody !== undefined),
  words: ({ columns }) => columns.some(({ words }) => words !== undefined),
  fingers: ({ view }) => view === 'keyboard',
};

/** The rows that are shown, in their order. */
export function shownRows(progression: Progression): GridRow[] {
  const { hidden, view, order } = progression;
  const rows = orderedRows(order).filter(
    ({ id }) => !hidden.includes(id) && (WRITTEN[id]?.(progression) ?? true),
  );
  return view === 'four-part' ? [...rows, FAULTS] : rows;
}
