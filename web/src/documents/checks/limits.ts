/** The longest piece of typed text that is kept: as long as the field that it is typed into. */
export const LONGEST_PIECE = 20_000;

/** Parts, bars and notes of a score. */
export const MOST_PARTS = 60;
export const MOST_BARS = 20_000;
export const MOST_NOTES = 100_000;
