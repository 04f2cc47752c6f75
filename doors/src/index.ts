export { readAnswerFile, type AnswerFile } from './answerFile';
export {
  May,
  MayBeNull,
  ObjectAs,
  OwnIds,
  ReadableAs,
  RowNames,
  TextValues,
  Told,
  Weights,
} from './decorators';
export { readKeptWork, type KeptRoom } from './keptWork';
export { readPupilsFile } from './pupilsFile';
export { readAs, VALUE_READ } from './readAs';
export { isSound, sentenceOf, wrongsIn, type Wrong } from './sound';
export {
  ChordOfLine,
  CheckRequest,
  HarmoniseRequest,
  KeySpan,
  NotesOfChord,
  ProgressionRequest,
  SettingRequest,
} from './requests/lines';
export {
  AskRequest,
  EarlierRequested,
  MarkRequest,
  PlantRequest,
  QuestionRequested,
} from './requests/questions';
export { ReadRequest, ScoreRequested } from './requests/scores';
export {
  FiguresRequest,
  IntervalRequest,
  KeyRequest,
  NotesRequest,
  NumeralRequest,
  SymbolRequest,
  TransposeRequest,
  type InSchool,
} from './requests/theory';
export { readSheetSpec } from './sheetSpec';
