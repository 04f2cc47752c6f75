import {
  attempt,
  harmonise,
  parseKey,
  parseLength,
  parseMetre,
  printLength,
  parseNoteIn,
  parseNumeral,
  printNote,
  printNumeral,
  type Fault,
  type LetterSystem,
  type Numeral,
} from '@diatonix/core';

/**
 * A melody or a bass that is to be harmonised, as plain text in the letters of the school; a note may have its
 * length in quarters after a colon, and then the metre counts.
 */
export interface HarmoniseOrder {
  readonly key: string;
  readonly voice: 'melody' | 'bass';
  readonly text: string;
  readonly numerals: readonly string[];
  readonly letters: LetterSystem;
  readonly metre: string;
}

/** One way to harmonise it, as plain text. */
export interface FoundHarmony {
  readonly numerals: readonly string[];
  readonly reasons: readonly string[];
  /** The length of each note in quarters, where any was said. */
  readonly lengths: readonly string[] | null;
  readonly voices: readonly (readonly string[])[] | null;
  /** What the voices break, where none keep every rule. */
  readonly faults: readonly Fault[];
}

export type HarmoniseAnswer =
  | { readonly ok: true; readonly found: readonly FoundHarmony[] }
  | { readonly ok: false; readonly message: string };

/** Harmonises a voice with the chords that may be used, the likeliest first. */
export function harmoniseLine({
  key: keyText,
  voice,
  text,
  numerals,
  letters,
  metre,
}: HarmoniseOrder): HarmoniseAnswer {
  const answer = attempt((): FoundHarmony[] => {
    const key = parseKey(keyText);
    const chords: Numeral[] = numerals.map((numeral) => parseNumeral(numeral, key));
    const pieces = text
      .trim()
      .split(/[\s,]+/)
      .map((piece) => piece.split(':'));
    const notes = pieces.map(([note]) => parseNoteIn(note!, letters));
    const timed = pieces.some(([, length]) => length !== undefined);
    const lengths = pieces.map(([, length]) => printLength(parseLength(length ?? '1')));
    const time = timed ? { time: { ticks: lengths.map(parseLength), metre: parseMetre(metre) } } : {};
    return harmonise({ key, voice, notes, numerals: chords, ...time }).map((one) => ({
      lengths: timed ? lengths : null,
      numerals: one.numerals.map((numeral) => printNumeral(numeral, key)),
      reasons: one.reasons,
      faults: one.faults,
      voices: one.voices && one.voices.map((notes) => notes.map(printNote)),
    }));
  });
  return answer.ok ? { ok: true, found: answer.value } : { ok: false, message: answer.error.message };
}
