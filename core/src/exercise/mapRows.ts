/** The rows of a chord map that may be blank, from the top. */
export const MAP_ROWS = ['numerals', 'symbols', 'qualities', 'notes'] as const;
export type MapRow = (typeof MAP_ROWS)[number];
