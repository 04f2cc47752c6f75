/** The version of what is written, in files and in every row of the browser's database. */
export const VERSION = 7;
