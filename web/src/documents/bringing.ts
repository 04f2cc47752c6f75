/** How what stands on a bench becomes questions of a sheet: fetched when something is put on one. */
export { bringChord, bringIntervals, bringLine, bringMap, bringPassage } from '@diatonix/core';
export { bringToSheet } from './toSheet';
