import type { PupilSheet } from './pupilSheet';

export const PUPILS_FORMAT = 'diatonix-pupils-sheet';
export const PUPILS_VERSION = 1;

/** The file for pupils: every version of a sheet without answers. */
export interface PupilsFile {
  readonly sheets: readonly PupilSheet[];
  /** Whether each answer may be marked and explained at once. */
  readonly practice: boolean;
}

/** The text of the file for pupils. */
export function printPupilsFile({ sheets, practice }: PupilsFile): string {
  return JSON.stringify({ format: PUPILS_FORMAT, version: PUPILS_VERSION, practice, sheets }, null, 1);
}
