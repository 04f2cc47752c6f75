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
  /** Pupils of a class, and names in the file of a sheet. */
  pupils: 300,
  /** A score, also unpacked. */
  scoreFile: 50_000_000,
  /** A Standard MIDI File. */
  midiFile: 20_000_000,
  /** A workbook. */
  workbookFile: 50_000_000,
  /** The notes of a piece: as many as are read within some seconds and half a gigabyte. */
  scoreNotes: 60_000,
} as const;

/** The largest request of the command that is answered. docs/command.md states them. */
export const REQUEST_LIMITS = {
  /** Characters of a line. */
  line: 2_000_000,
  /** Brackets within brackets. */
  depth: 16,
  /** Characters of one text within a request. */
  text: 200,
  /** Notes of one chord. */
  notes: 40,
  figures: 20,
  chords: { progression: 5000, setting: 1000, check: 5000 },
  scoreNotes: 50_000,
  quarters: 50_000,
  /** Notes of a line that is harmonised, and chords it may use. */
  harmonise: { notes: 64, chords: 40 },
  /** Settings that are told beside the best. */
  settings: 50,
  /** Seeds and counts of questions lie between this and its negative; the kinds say what is sensible. */
  number: 1e9,
  /** Parts of a score. */
  parts: 100,
} as const;
