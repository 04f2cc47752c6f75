export type { NonChordKind } from './reading/melodic';
export type { NonChordNote } from './reading/nonChord';
export type { PhraseEnd } from './reading/phrases';
export { barAt, beatIn, withinBar } from './model/beats';
export { analyseScore, ScoreReader, type ChordsFrom, type ReadOptions } from './reading/readScore';
export { hasSymbols } from './reading/symbolReading';
export type { ScoreRuling } from './reading/rulings';
export * from './model/placesByBar';
export * from './model/playedBars';
export * from './model/score';
export type { ScoreBar, ScoreNote, ScoreToRead } from './model/scoreNote';
export type { KeyArea, ReadChord, ScoreChordReading, ScoreReading } from './reading/scoreReading';
export type { Slice } from './reading/slices';
export {
  MODULATIONS,
  READING_WEIGHTS,
  weightsFor,
  type Modulation,
  type ReadingWeights,
} from './reading/weights';
export { rangeOf, type PartRange } from './reading/range';
export { keyEvidence, rivalsOf, type KeyEvidence } from './reading/evidence';
export { barsAfter, likelyUpbeat } from './model/upbeat';
export {
  NO_CHORD,
  rowsOfScore,
  scoreOfRows,
  ScoreRowsReader,
  type PartRow,
  type ScoreRows,
} from './model/scoreRows';
export * from './model/noteMarks';
export * from './model/scoreSign';
export * from './model/verses';
export { noteGroups, notesOfGroups } from './edit/noteGroups';
export { parseTypedVoices, type TypedPiece } from './model/typedVoices';
export { rowOfRuling, rulingOfRow, RULING_KINDS, type RulingRow } from './reading/rulingRows';
export { PieceReader, weighPiece, type PieceReading, type WeighedKey } from './reading/pieceReading';
export { scoreFaults, type TimedFault } from './reading/scoreFaults';
export { lineOfReading, type ScoreLine } from './reading/asLine';
export {
  compareLabels,
  labelsOfLine,
  type Comparison,
  type Difference,
  type TheirLabel,
} from './reading/compare';
export { chartOf, simplified, type ChartChord, type ChartOptions } from './chart/chart';
export { chartClashes, type ChartClash } from './chart/chartClashes';
export { CHART_PARTS, CHART_RATES, HIGHEST_FRET, type ChartPart, type ChartRate } from './chart/chartRates';
export { chartText, chartWithWords } from './chart/chartSheet';
export { moveSymbol, putSymbol, symbolAt, type SymbolAt } from './edit/editSymbols';
export { addBar, editNote, voicePlaces, type NoteEdit } from './edit/editNotes';
export type { EditedScore } from './edit/edited';
export type { VoicePlace } from './model/voicePlace';
export { noteBeside, type Beside } from './edit/noteBeside';
export { parseTypedLabels } from './reading/typedLabels';
