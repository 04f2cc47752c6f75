/** The longest piece of typed text that is kept: as long as the field that it is typed into. */
export const LONGEST_PIECE = 20_000;
