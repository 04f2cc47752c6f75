/** The pupils' page, which is a page of its own. */
export const PUPILS_ROUTE = '/pupil';
/** What it is built as: the same page at this address too. */
export const PUPILS_FILE = '/pupil.html';

/** The addresses of the application: its benches, the list of workbooks, what is said about it. No other is found. */
export const ROUTES: readonly string[] = [
  '/key',
  '/intervals',
  '/chords',
  '/progressions',
  '/scores',
  '/sheets',
  '/marking',
  '/logbook',
  '/practice',
  '/class',
  '/workbooks',
  '/about',
];
