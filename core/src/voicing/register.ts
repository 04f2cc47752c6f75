import { midiNumber, staffPosition, type Note } from '../pitch/note';

/** Ranges of the four voices, lowest and highest key of the keyboard (C4 = 60): handbook ranges. */
export const RANGES = { soprano: [60, 79], alto: [55, 74], tenor: [48, 67], bass: [40, 60] } as const;

export const VOICES = ['soprano', 'alto', 'tenor', 'bass'] as const;
export type VoiceName = (typeof VOICES)[number];

/** What makes a setting sound thick below or thin above. */
export type RegisterCaution =
  | { readonly kind: 'thick'; readonly lower: Note; readonly upper: Note }
  | { readonly kind: 'thin'; readonly lower: Note; readonly upper: Note }
  | { readonly kind: 'high'; readonly note: Note }
  | { readonly kind: 'low'; readonly note: Note };

/** Thirds and seconds below D3, and anything under a fifth below G2, sound thick (common practice). */
const THICK_LIMITS = [
  { below: 50, least: 5 },
  { below: 43, least: 7 },
] as const;
const THIN_GAP = 12;
const MIDDLE = 60;
const HIGHEST = 84;
const LOWEST = 33;

/** Cautions for notes sounding together, from the lowest up. */
export function registerCautions(notes: readonly Note[]): RegisterCaution[] {
  const sorted = [...notes].sort(
    (a, b) => midiNumber(a) - midiNumber(b) || staffPosition(a) - staffPosition(b),
  );
  const cautions: RegisterCaution[] = [];
  sorted.slice(1).forEach((upper, index) => {
    const lower = sorted[index]!;
    const gap = midiNumber(upper) - midiNumber(lower);
    if (THICK_LIMITS.some(({ below, least }) => midiNumber(lower) < below && gap > 0 && gap < least))
      cautions.push({ kind: 'thick', lower, upper });
    if (gap > THIN_GAP && midiNumber(lower) >= MIDDLE) cautions.push({ kind: 'thin', lower, upper });
  });
  const [low, high] = [sorted[0], sorted[sorted.length - 1]];
  if (low && midiNumber(low) < LOWEST) cautions.push({ kind: 'low', note: low });
  if (high && midiNumber(high) > HIGHEST) cautions.push({ kind: 'high', note: high });
  return cautions;
}
