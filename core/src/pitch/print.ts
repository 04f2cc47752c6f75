import { LETTERS, type Note, type NoteName } from './note';

/** How letters are written: English (B♭, B), German (B, H) or fixed do (si♭, si). */
export type LetterSystem = 'english' | 'german' | 'fixed-do';

const SHARPS = ['', '♯', '𝄪', '♯𝄪'];
const FLATS = ['', '♭', '𝄫', '♭𝄫'];
const FIXED_DO = ['do', 'ré', 'mi', 'fa', 'sol', 'la', 'si'];
const GERMAN_LETTERS = 'CDEFGAH';

/** Accidental signs for reading: ♭ ♯ 𝄫 𝄪, empty for a natural. */
export function accidentalGlyph(alteration: number): string {
  return (alteration < 0 ? FLATS[-alteration] : SHARPS[alteration]) ?? '';
}

/** Accidentals in plain letters: b # bb ##. */
export function accidentalAscii(alteration: number): string {
  return alteration < 0 ? 'b'.repeat(-alteration) : '#'.repeat(alteration);
}

/** `F#`, `Bb`, `G##`: plain, and read again by parseNoteName. */
export function printNoteName(name: NoteName): string {
  return LETTERS[name.step]! + accidentalAscii(name.alteration);
}

/** `F#4`: plain, and read again by parseNote. */
export function printNote(note: Note): string {
  return printNoteName(note) + note.octave;
}

/** For the eye: real accidental signs, in the chosen letter system. */
export function displayNoteName(name: NoteName, letters: LetterSystem = 'english'): string {
  if (letters === 'german') return germanName(name);
  const letter = letters === 'fixed-do' ? FIXED_DO[name.step]! : LETTERS[name.step]!;
  return letter + accidentalGlyph(name.alteration);
}

/** The same with its octave: `F♯4`. */
export function displayNote(note: Note, letters: LetterSystem = 'english'): string {
  return displayNoteName(note, letters) + note.octave;
}

/** German names (common practice): Fis, Es, As, H, B, Heses for B double flat. */
function germanName(name: NoteName): string {
  const letter = GERMAN_LETTERS[name.step]!;
  if (name.alteration === 0) return letter;
  if (name.alteration > 0) return letter + 'is'.repeat(name.alteration);
  if (name.step === 6 && name.alteration === -1) return 'B';
  // E and A lose the doubled vowel: Es, As; Eses, Ases.
  const vowel = letter === 'E' || letter === 'A';
  return letter + (vowel ? 's' : 'es') + 'es'.repeat(-name.alteration - 1);
}

const SIGNS: Readonly<Record<string, string>> = { '#': '♯', '##': '𝄪', b: '♭', bb: '𝄫' };

/** A text with the accidentals after its note letters as they are printed: `Bb D F#` is B♭ D F♯. */
export function withSigns(text: string): string {
  return text.replace(
    /([A-G])(bb|b|##|#)(?![a-z])/g,
    (_, letter: string, sign: string) => letter + SIGNS[sign]!,
  );
}
