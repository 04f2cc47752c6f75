/** The pupils' page, which is a page of its own. */
export const PUPILS_ROUTE = '/pupil';

/** The addresses of the application: its benches and the list of workbooks. Anything else is not found. */
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
];
