import { beatWords, type Place } from '@diatonix/core';

/** Where a column stands, as it is said: the beat where bars hold more than one chord. */
export function columnPlaceWords({ bar, beat, opens, closes }: Place): string {
  const number = bar === 0 ? 'upbeat' : `bar ${bar}`;
  return opens && closes ? number : `${number} beat ${beatWords(beat)}`;
}
