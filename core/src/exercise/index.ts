export * from './exerciseKind';
export { playedAnswer, playedAs, playedKey } from './playedAnswer';
export { degreeAsked, type DegreeAsked } from './degreeAsked';
export {
  askQuestions,
  checkMaterial,
  MOST_QUESTIONS,
  MOST_VERSIONS,
  questionOf,
  versionLetter,
  type AskedQuestions,
  type QuestionsWanted,
  type Pinned,
} from './generating/questions';
export {
  questionsFromChord,
  questionsFromIntervals,
  questionsFromLine,
  questionsFromMap,
  questionsFromPassage,
  type BenchQuestions,
} from './generating/questionsFrom';
export { staffRange } from './generating/staffWriting';
export { KINDS, kindOf, kindsOut, OWN_WORDS, type KindOut } from './kindRegister';
export { MAP_ROWS } from './mapRows';
export { MATERIAL_FIELDS, type MaterialField, type MaterialText } from './generating/material';
export {
  QUESTION_CHORD_WAYS,
  type DifficultyParts,
  type GivenData,
  type Question,
  type ToMark,
  type WorkingWays,
} from './question';
export {
  makeSheet,
  sheetCode,
  MOST_MARKS,
  MOST_ON_A_SHEET,
  MOST_SECTIONS,
  type SectionSpec,
  type Sheet,
  type SheetSection,
  type SheetSpec,
} from './sheet/sheet';
export {
  additionalTask,
  answerChoices,
  answeredStaff,
  layoutOf,
  soundOf,
  momentsOnStaff,
  timedSoundOf,
  type TimedNotes,
  staffLayout,
  changedKey,
  underStaff,
} from './layout/questionOnPage';
export type { MapCell, QuestionLayout } from './layout/questionLayout';
export type { Prompt } from './layout/prompt';
export type { StaffLayout } from './layout/staffLayout';
export {
  keyOfVoices,
  nextOpenVoice,
  typedVoices,
  voicesAfter,
  voicesAsked,
  voicesDrawn,
  type OpenPlace,
  type OpenVoices,
} from './writtenVoices';
export { givenOfSent, pupilSheet, type PupilSheet } from './sheet/pupilSheet';
export {
  printPupilsFile,
  PUPILS_FORMAT,
  PUPILS_VERSION,
  type PupilsFile,
  type PupilsName,
} from './sheet/pupilsFile';
export { markAnswer, plant, type Earlier, type MarkOptions } from './marking/mark';
export { earnedShare, markQuestion, type Marking } from './marking/markQuestion';
export { usualMarks } from './marking/usualMarks';
export { likelyCause, rankCauses, type Cause, type MistakeHistory } from './marking/diagnose';
export { partWorths } from './marking/partWorths';
export { readAnswer, typedAnswer } from './marking/readAnswer';
export { knownMistake, mistakesOf, mistakesOut, type MistakeOut } from './marking/mistakesKnown';
export { INTERVAL_NAME } from './kinds/intervalName';
export { INTERVAL_INVERT } from './kinds/intervalInvert';
export { WORK_BACK } from './kinds/workBack';
export type { Role } from './kinds/workBack/given';
export { checkQuestion } from './checkQuestion';
export { dividedAnswer } from './dividedAnswer';
export type { AdditionalTask } from './additionalTask';
export { sameAnswer } from './answers/sameAnswer';
export type { AnswerFormName, PartMark } from './answers/answerForm';
