export type FontName = 'bravura' | 'sans400' | 'sans600' | 'serif400' | 'serif600' | 'single' | 'double';

/** Sizes of the accidental fonts beside the text, as accidentals.css has them. */
const ADJUST: Partial<Record<FontName, number>> = { single: 0.88, double: 1.35 };

/** The font and size that the page shows a character in. */
export function fontFor(
  char: string,
  family: string,
  weight: number,
): { readonly name: FontName; readonly adjust: number } {
  const name = nameFor(char, family, weight);
  return { name, adjust: ADJUST[name] ?? 1 };
}

function nameFor(char: string, family: string, weight: number): FontName {
  const heavy = weight >= 600;
  if (/Bravura/.test(family)) return 'bravura';
  // Letters and signs that the text fonts lack, such as arrows and carons, are in the font of the accidentals.
  if (/[♭♮♯]|[^ -ÿ‐-•…𝄪𝄫]/u.test(char)) return 'single';
  if (/[𝄪𝄫]/u.test(char)) return 'double';
  if (/Serif/.test(family)) return heavy ? 'serif600' : 'serif400';
  return heavy ? 'sans600' : 'sans400';
}
