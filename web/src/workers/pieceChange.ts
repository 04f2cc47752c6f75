import type { PieceReading, ScoreReading, WeighedKey } from '@diatonix/core';
import { changed, changeOf, type ListChange } from './listChange';

/** The lists of a reading; whether it is a tune alone is said anew each time. */
type Lists = Omit<ScoreReading, 'tune'>;

type ReadingChange = {
  readonly [Name in keyof Lists]: ListChange<Lists[Name][number]>;
};

/** How the reading of a piece goes over into the next one. */
export interface PieceChange {
  readonly reading: ReadingChange;
  readonly tune: boolean;
  readonly keys: ListChange<WeighedKey>;
}

export function pieceChange(old: PieceReading, now: PieceReading): PieceChange {
  const of = <Name extends keyof Lists>(name: Name) =>
    changeOf<Lists[Name][number]>(old.reading[name], now.reading[name]);
  return {
    reading: {
      slices: of('slices'),
      chords: of('chords'),
      keys: of('keys'),
      cadences: of('cadences'),
      brackets: of('brackets'),
      arrows: of('arrows'),
      phraseEnds: of('phraseEnds'),
    },
    tune: now.reading.tune === true,
    keys: changeOf(old.keys, now.keys),
  };
}

export function changedPiece({ reading, keys }: PieceReading, change: PieceChange): PieceReading {
  return {
    reading: {
      slices: changed(reading.slices, change.reading.slices),
      chords: changed(reading.chords, change.reading.chords),
      keys: changed(reading.keys, change.reading.keys),
      cadences: changed(reading.cadences, change.reading.cadences),
      brackets: changed(reading.brackets, change.reading.brackets),
      arrows: changed(reading.arrows, change.reading.arrows),
      phraseEnds: changed(reading.phraseEnds, change.reading.phraseEnds),
      ...(change.tune ? { tune: true as const } : {}),
    },
    keys: changed(keys, change.keys),
  };
}
