import {
  labelEntry,
  printNoteName,
  printNumeral,
  readLine,
  ROMANTEXT,
  TheoryError,
  notesFromBass,
  printFigure,
  printSymbol,
  shortFigures,
  type LabelStyle,
} from '@diatonix/core';
import { keyRequested } from './reading';

/** One chord of a line with its labels, or the piece that was not understood. */
export type LabelledChord =
  | {
      readonly read: string;
      readonly numeral: string;
      readonly figures: readonly string[];
      readonly symbol: string;
      readonly notes: readonly string[];
      readonly function: string | null;
    }
  | { readonly read: string; readonly error: { readonly code: string; readonly message: string } };

/** Labels every piece of a line in a key; one that is not understood leaves its neighbours alone. */
export function labelAnswer(
  line: string,
  keyText: string,
  school: LabelStyle | undefined,
  notation: string | undefined,
): { chords: LabelledChord[] } {
  if (notation !== undefined && notation !== 'romantext')
    throw new TheoryError(
      'request',
      notation,
      'this notation is not known.',
      'Leave it out, or write --notation romantext.',
    );
  const key = keyRequested(keyText, school);
  const chords = readLine(line, key, notation ? ROMANTEXT : school).map((token): LabelledChord => {
    if ('error' in token)
      return { read: token.text, error: { code: token.error.code, message: token.error.message } };
    const { chord, numeral } = token.read;
    const labels = labelEntry(token.entry, key, school);
    return {
      read: token.text,
      numeral: printNumeral(numeral, key, school),
      figures: shortFigures(chord, key).map(printFigure),
      symbol: printSymbol(chord, school ? { school: school.symbols, letters: school.letters } : {}),
      notes: notesFromBass(chord).map(printNoteName),
      function: labels.ok ? labels.labels.function : null,
    };
  });
  return { chords };
}
