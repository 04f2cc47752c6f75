import {
  attempt,
  harmonise,
  parseKey,
  parseNoteIn,
  parseNumeral,
  printNote,
  printNumeral,
  type Fault,
  type LetterSystem,
  type Numeral,
} from '@diatonix/core';

/** A melody or a bass that is to be harmonised, as plain text in the letters of the school. */
export interface HarmoniseRequest {
  readonly key: string;
  readonly voice: 'melody' | 'bass';
  readonly text: string;
  readonly numerals: readonly string[];
  readonly letters: LetterSystem;
}

/** One way to harmonise it, as plain text. */
export interface FoundHarmony {
  readonly numerals: readonly string[];
  readonly reasons: readonly string[];
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
}: HarmoniseRequest): HarmoniseAnswer {
  const answer = attempt((): FoundHarmony[] => {
    const key = parseKey(keyText);
    const chords: Numeral[] = numerals.map((numeral) => parseNumeral(numeral, key));
    const notes = text
      .trim()
      .split(/[\s,]+/)
      .map((note) => parseNoteIn(note, letters));
    return harmonise({ key, voice, notes, numerals: chords }).map((one) => ({
      numerals: one.numerals.map((numeral) => printNumeral(numeral, key)),
      reasons: one.reasons,
      faults: one.faults,
      voices: one.voices && one.voices.map((notes) => notes.map(printNote)),
    }));
  });
  return answer.ok ? { ok: true, found: answer.value } : { ok: false, message: answer.error.message };
}
