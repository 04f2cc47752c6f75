/** How what stands on a bench becomes questions of a sheet: fetched when something is put on one. */
export {
  questionsFromChord,
  questionsFromIntervals,
  questionsFromLine,
  questionsFromMap,
  questionsFromPassage,
} from '@diatonix/core';
export { bringToSheet } from './addQuestions';
