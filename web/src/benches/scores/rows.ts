import type { GridRow } from '../../columns/types';

/** The rows under each system. */
export const SCORE_ROWS: readonly GridRow[] = [
  { id: 'key', label: 'Key', kind: 'text' },
  { id: 'numeral', label: 'Numeral', kind: 'numeral' },
  { id: 'theirs', label: 'Theirs', kind: 'numeral' },
  { id: 'figures', label: 'Figures', kind: 'figures' },
  { id: 'symbol', label: 'Symbol', kind: 'text' },
  { id: 'function', label: 'Function', kind: 'soft' },
  { id: 'cadence', label: 'Cadence', kind: 'soft' },
];
