export type { NonChordKind } from './melodic';
export type { NonChordNote } from './nonChord';
export type { PhraseEnd } from './phrases';
export { barAt, beatIn, withinBar } from './beats';
export { readScore, type ReadOptions } from './readScore';
export type { ScoreRuling } from './rulings';
export * from './score';
export type { ScoreBar, ScoreNote, ScoreToRead } from './scoreNote';
export type { KeyArea, ReadChord, ScoreChordReading, ScoreReading } from './scoreReading';
export type { Slice } from './slices';
export { READING_WEIGHTS, type ReadingWeights } from './weights';
export { keyEvidence, rivalsOf, type KeyEvidence } from './evidence';
export { barsAfter, likelyUpbeat } from './upbeat';
export { rowsOfScore, scoreOfRows, type PartRow, type ScoreRows } from './scoreRows';
export { parseTypedVoices, type TypedPiece } from './typedVoices';
export { rowOfRuling, rulingOfRow, RULING_KINDS, type RulingRow } from './rulingRows';
export { weighPiece, type PieceReading, type WeighedKey } from './pieceReading';
export { scoreFaults, type TimedFault } from './scoreFaults';
export { lineOfReading, type ScoreLine } from './asLine';
export { compareLabels, labelsOfLine, type Comparison, type Difference, type TheirLabel } from './compare';
export {
  CHART_RATES,
  chartOf,
  chartText,
  HIGHEST_FRET,
  simplified,
  type ChartChord,
  type ChartOptions,
  type ChartRate,
} from './chart';
