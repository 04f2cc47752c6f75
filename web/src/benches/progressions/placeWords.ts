import { type Place } from '@diatonix/core';

/** Where a column stands, as it is said: the beat where bars hold more than one chord. */
export function placeWords({ bar, beat, opens, closes }: Place): string {
  const number = bar === 0 ? 'upbeat' : `bar ${bar}`;
  return opens && closes ? number : `${number} beat ${beatWords(beat)}`;
}

/** `5/2` is said as two and a half. */
function beatWords(beat: string): string {
  const [over, under] = beat.split('/').map(Number) as [number, number | undefined];
  if (under === undefined) return beat;
  const rest = over % under;
  return `${Math.floor(over / under)}${FRACTIONS[`${rest}/${under}`] ?? ` and ${rest}/${under}`}`;
}

const FRACTIONS: Record<string, string> = { '1/2': '½', '1/3': '⅓', '2/3': '⅔', '1/4': '¼', '3/4': '¾' };
