const BLACK = [1, 3, 6, 8, 10];
const OCTAVE = 12;

/** A key of the keyboard as it lies: `midi` 0–127, C4 = 60. */
export interface PianoKey {
  readonly midi: number;
  readonly black: boolean;
  /** White keys between the lowest key shown and this one; a black key lies over the line at its left. */
  readonly whitesBelow: number;
  /** The octave number where the key is a C, else null. */
  readonly octave: number | null;
}

/** The keys from `lowest` to `highest`, both included. */
export function pianoKeys(lowest: number, highest: number): PianoKey[] {
  let whites = 0;
  return Array.from({ length: highest - lowest + 1 }, (_, index) => {
    const midi = lowest + index;
    const place = midi % OCTAVE;
    const black = BLACK.includes(place);
    const key = { midi, black, whitesBelow: whites, octave: place === 0 ? midi / OCTAVE - 1 : null };
    if (!black) whites++;
    return key;
  });
}
