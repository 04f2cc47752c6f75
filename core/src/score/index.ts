export type { NonChordKind } from './melodic';
export type { NonChordNote } from './nonChord';
export type { PhraseEnd } from './phrases';
export { readScore, type ReadOptions } from './readScore';
export type { ScoreRuling } from './rulings';
export type { ScoreBar, ScoreNote, ScoreToRead } from './scoreNote';
export type { KeyArea, ReadChord, ScoreChordReading, ScoreReading } from './scoreReading';
export type { Slice } from './slices';
export { READING_WEIGHTS, type ReadingWeights } from './weights';
