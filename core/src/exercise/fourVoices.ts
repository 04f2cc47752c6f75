import { TheoryError } from '../errors';
import { type Key, printKey } from '../key/key';
import { parseNumeral } from '../label/numeralParse';
import type { Note } from '../pitch/note';
import { printNote } from '../pitch/print';
import { checkVoicing } from '../voicing/check';
import type { FourNotes } from '../voicing/fourPart';
import { bestVoicing } from '../voicing/search';

const KNOWN = new Map<string, readonly FourNotes[] | null>();
const MOST_KNOWN = 5000;

/**
 * Four voices of a line of numerals that break no rule, a voice or two fixed; null where there are none. Lines come
 * again while questions are looked for, and are set once.
 */
export function cleanVoicing(
  key: Key,
  numerals: readonly string[],
  locks?: readonly (readonly (Note | null)[])[],
): readonly FourNotes[] | null {
  const id = `${printKey(key)} ${numerals.join(' ')} ${locks ? JSON.stringify(locks) : ''}`;
  const known = KNOWN.get(id);
  if (known !== undefined) return known;
  if (KNOWN.size > MOST_KNOWN) KNOWN.clear();
  const set = bestVoicing({
    key,
    numerals: numerals.map((text) => parseNumeral(text, key)),
    ...(locks ? { locks: locks as never } : {}),
  });
  const clean = 'voices' in set && checkVoicing(set.voices, key).length === 0 ? set.voices : null;
  KNOWN.set(id, clean);
  return clean;
}

/** The names of four voices, chord by chord. */
export const printVoices = (voices: readonly FourNotes[]): string[][] =>
  voices.map((own) => own.map(printNote));

/** The answers of a question in four voices: the smoothest setting that breaks no rule. Throws where there is none. */
export function voicingAnswers(voices: readonly FourNotes[] | null): readonly string[][][] {
  if (voices) return [printVoices(voices)];
  throw new TheoryError(
    'request',
    'voices',
    'no four voices keep the rules with what is given.',
    'Give another bass or soprano.',
  );
}
