import type { GridRow } from '../../columns/types';

/** Rows that are shown while somebody asks for them. */
export const PASSING_ROWS = ['theirs', 'chart'];

/** The rows under each system. */
export const SCORE_ROWS: readonly GridRow[] = [
  { id: 'key', label: 'Key', kind: 'text' },
  { id: 'numeral', label: 'Numeral', kind: 'numeral' },
  { id: 'theirs', label: 'Theirs', kind: 'numeral' },
  { id: 'figures', label: 'Figures', kind: 'figures' },
  { id: 'symbol', label: 'Symbol', kind: 'text' },
  { id: 'chart', label: 'Chart', kind: 'text' },
  { id: 'function', label: 'Function', kind: 'soft' },
  { id: 'cadence', label: 'Cadence', kind: 'soft' },
];
