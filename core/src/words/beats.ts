/** A beat as it is said: `5/2` is two and a half, `2½`. */
export function beatWords(beat: string): string {
  const [over, under] = beat.split('/').map(Number) as [number, number | undefined];
  if (under === undefined) return beat;
  const rest = over % under;
  return `${Math.floor(over / under)}${FRACTIONS[`${rest}/${under}`] ?? ` and ${rest}/${under}`}`;
}

const FRACTIONS: Record<string, string> = { '1/2': '½', '1/3': '⅓', '2/3': '⅔', '1/4': '¼', '3/4': '¾' };
