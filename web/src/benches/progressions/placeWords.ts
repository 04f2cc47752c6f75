import { beatWords, vocabulary, type LabelStyle, type Place } from '@diatonix/core';

/** Where a column stands, as it is said: the beat where bars hold more than one chord. */
export function columnPlaceWords({ bar, beat, opens, closes }: Place, school: LabelStyle): string {
  const number = bar === 0 ? 'upbeat' : `${vocabulary(school).bar} ${bar}`;
  return opens && closes ? number : `${number} beat ${beatWords(beat)}`;
}
