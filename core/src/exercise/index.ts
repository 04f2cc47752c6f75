export * from './exercise';
export { answerChoices } from './answerChoices';
export { playedAnswer, playedAs, playedKey, type Playing } from './playedAnswer';
export { degreeAsked, type DegreeAsked } from './degreeAsked';
export * from './kinds/intervalName';
export type { IntervalCause, IntervalQuestion } from './kinds/intervalName/causes';
export * from './kinds/intervalInvert';
export * from './kinds/workBack';
export {
  askQuestions,
  checkMaterial,
  MOST_QUESTIONS,
  MOST_VERSIONS,
  questionOf,
  versionLetter,
  type Asked,
  type AskRequest,
  type Pinned,
} from './ask/ask';
export { bringChord, bringIntervals, bringLine, bringMap, bringPassage, type Brought } from './ask/bring';
export { shownRows } from './kinds/chordMap/ask';
export { staffRange } from './ask/onStaff';
export { ASKING, askingOf, kindsOut, WRITTEN, type KindOut } from './ask/kinds';
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
export { answeredPut, putOf, soundOf, underStaff, type Put } from './ask/put';
export { pupilSheet, type PupilSheet } from './sheet/pupilSheet';
export { printPupilsFile, readPupilsFile, PUPILS_FORMAT, type PupilsFile } from './sheet/pupilsFile';
export { earnedShare, markAnswer, type Earlier, type Marking, type MarkOptions } from './mark/mark';
export { readAnswerFile, type AnswerFile } from './mark/answerFile';
export { plant } from './mark/causesOf';
export type { ToMark } from './ask/question';
export { QUESTION_CHORD_WAYS, type WorkingWays } from './ask/ways';
export { alsoIn, dividedAnswer, type Also } from './ask/also';
export { rankCauses, type Cause, type MistakeHistory } from './mark/diagnose';
export { partNames, type PartMark } from './mark/parts';
export { checkQuestion } from './ask/questionShape';
export { knownMistake, mistakesOf, mistakesOut, type MistakeOut } from './mark/mistakes';
export { readAnswer, sameAnswer } from './mark/answer';
export { answerType } from './mark/answerType';
