/** So many columns can be drawn and worked with. */
export const MOST_COLUMNS = 5000;

/** So many notes go on from one column to the next. */
export const MOST_HELD = 24;
