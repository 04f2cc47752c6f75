import { attempt, TheoryError } from '../errors';
import type { LetterSystem } from '../pitch/print';
import { keyFromSignature, parseKey, type Key } from './key';

const COUNTS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven'];

/**
 * Reads a signature in words: `two flats`, `3 sharps`, `4#`, `5b`, `no sharps
 * or flats`. Returns sharps (positive) or flats. Throws TheoryError `key`.
 */
export function parseSignature(text: string): number {
  const plain = text.trim().toLowerCase();
  if (
    /^(?:no|0|none|zero)(?:\s+(?:sharps|flats|accidentals|signature))?(?:\s+or\s+(?:sharps|flats))?$/.test(
      plain,
    )
  )
    return 0;
  const match = /^(\d|[a-z]+)\s*(sharps?|flats?|#|♯|b|♭)$/.exec(plain);
  const count = match ? (/\d/.test(match[1]!) ? Number(match[1]) : COUNTS.indexOf(match[1]!)) : -1;
  if (!match || count < 0) {
    throw new TheoryError(
      'key',
      text,
      'this is not a signature.',
      'Write how many sharps or flats: two flats, 3 sharps, none.',
    );
  }
  if (count > 7)
    throw new TheoryError(
      'key',
      text,
      'a signature has at most seven sharps or flats.',
      'Write a number from 0 to 7.',
    );
  return /^(?:f|b|♭)/.test(match[2]!) ? -count : count;
}

/** The two keys of a signature, the major first. */
export function keysOfSignature(fifths: number): readonly [Key, Key] {
  return [keyFromSignature(fifths, 'major'), keyFromSignature(fifths, 'minor')];
}

/**
 * The keys that a text may mean: one for a name (`F# minor`), both for a
 * signature (`two flats`). Throws TheoryError `key`.
 */
export function keysFromText(text: string, letters: LetterSystem = 'english'): readonly Key[] {
  const signature = attempt(() => parseSignature(text));
  if (signature.ok) return keysOfSignature(signature.value);
  const key = attempt(() => parseKey(text, letters));
  if (key.ok) return [key.value];
  if (/sharp|flat|^\s*\d/.test(text)) throw signature.error;
  throw key.error;
}
