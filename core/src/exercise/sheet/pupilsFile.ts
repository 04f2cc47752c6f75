import type { PupilSheet } from './pupilSheet';

export const PUPILS_FORMAT = 'diatonix-pupils-sheet';
export const PUPILS_VERSION = 1;

/** The file for pupils: every version of a sheet without answers. */
export interface PupilsFile {
  readonly sheets: readonly PupilSheet[];
  /** Whether each answer may be marked and explained at once. */
  readonly practice: boolean;
  /** The names that pupils choose theirs from, each with its version (0 for A); none where names are typed. */
  readonly names?: readonly PupilsName[];
}

/** A name of the class with the version that its pupil does. */
export interface PupilsName {
  readonly name: string;
  readonly version: number;
}

/** The text of the file for pupils. */
export function printPupilsFile({ sheets, practice, names }: PupilsFile): string {
  const file = { format: PUPILS_FORMAT, version: PUPILS_VERSION, practice, names, sheets };
  return JSON.stringify(file, null, 1);
}
