import { attempt } from '../errors';
import { type Key, parseKey } from '../key/key';
import type { Note } from '../pitch/note';
import { printNote, printNoteName } from '../pitch/print';
import type { Playing } from './exerciseKind';
import { keyIn, rising } from './givenReading';
import { kindOf } from './kindRegister';
import type { Question } from './question';

/** How an answer of a kind is given on a staff or a keyboard; null where it is not given in notes. */
export const playedAs = (kind: string): Playing | null => kindOf(kind).played?.as ?? null;

/**
 * The key in which a struck key gets its name: that of the question, for notes that are moved the one they come to.
 * C major where the given holds none. A player means the spelling that the key suggests (common practice).
 */
export function playedKey({ kind, given }: Pick<Question, 'kind' | 'given'>): Key {
  const { played } = kindOf(kind);
  const read = attempt(() => played?.spelledIn?.(given) ?? keyIn(given as { readonly key?: string }));
  return read.ok ? read.value : parseKey('C major');
}

/** Notes that were put on a staff or struck, in that order, as an answer of a kind is written. */
export function playedAnswer(kind: string, notes: readonly Note[]): string {
  const played = kindOf(kind).played;
  const print = played?.octaves ? printNote : printNoteName;
  if (played?.as === 'one') return notes.slice(-1).map(print).join('');
  return (played?.as === 'stack' ? rising(notes) : notes).map(print).join(' ');
}
