export * from './exercise';
export * from './kinds/intervalName';
export type { IntervalCause, IntervalQuestion } from './kinds/intervalName/causes';
export * from './kinds/intervalInvert';
export * from './kinds/workBack';
export {
  askQuestions,
  checkMaterial,
  MOST_QUESTIONS,
  MOST_VERSIONS,
  versionLetter,
  type Asked,
  type AskRequest,
} from './ask/ask';
export { ASKING, askingOf, kindsOut, type KindOut } from './ask/kinds';
export { FIELDS, type MaterialField, type MaterialText } from './ask/material';
export type { Asking, DifficultyParts, Given, Question } from './ask/question';

export {
  makeSheet,
  sheetCode,
  MOST_SECTIONS,
  type SectionSpec,
  type Sheet,
  type SheetSection,
  type SheetSpec,
} from './sheet/sheet';
export { putOf, type Put } from './ask/put';
