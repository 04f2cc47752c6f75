export * from './exercise';
export * from './kinds/intervalName';
export type { IntervalCause, IntervalQuestion } from './kinds/intervalName/causes';
export * from './kinds/intervalInvert';
export * from './kinds/workBack';
export {
  askQuestions,
  checkMaterial,
  questionOf,
  MOST_QUESTIONS,
  MOST_VERSIONS,
  type Asked,
  type AskRequest,
} from './ask/ask';
export { ASKING, askingOf, kindsOut, type KindOut } from './ask/kinds';
export { ACCIDENTALS, FIELDS, type MaterialField, type MaterialText } from './ask/material';
export { isAllowed, isOnStaff } from './ask/onStaff';
export type { Asking, DifficultyParts, Given, Question } from './ask/question';
export { namesOfNotes, QUALITIES } from './kinds/chordName/qualities';
export {
  makeSheet,
  sheetCode,
  versionLetter,
  MOST_SECTIONS,
  type SectionSpec,
  type Sheet,
  type SheetSection,
  type SheetSpec,
} from './sheet/sheet';
export { putOf, type Put } from './ask/put';
