/** How large what comes from outside may be: one place for every reader of files. Sizes in bytes. */
export const LIMITS = {
  /** The answers of one pupil. */
  answersFile: 2_000_000,
  /** A sheet for pupils, and a sheet of a teacher. */
  sheetFile: 5_000_000,
  /** Labels of somebody else, a RomanText. */
  labelsFile: 2_000_000,
  /** As many as a sheet has questions. */
  answers: 2000,
  questions: 2000,
  /** Versions of a sheet, A to Z. */
  versions: 26,
  /** The name of a pupil in a file of answers. */
  nameInFile: 200,
  /** A score, also unpacked. */
  scoreFile: 50_000_000,
  /** A Standard MIDI File. */
  midiFile: 20_000_000,
  /** A workbook. */
  workbookFile: 50_000_000,
  /** The notes of a piece: as many as are read within some seconds and half a gigabyte. */
  scoreNotes: 60_000,
} as const;
