import { attempt } from '../errors';
import { parseInterval, transpose } from '../interval/interval';
import { keyOf, parseKey, type Key } from '../key/key';
import { midiNumber, type Note } from '../pitch/note';
import { printNote, printNoteName } from '../pitch/print';
import type { Given } from './ask/question';

/** One note; notes after each other; notes that stand over each other. */
export type Playing = 'one' | 'row' | 'stack';

const PLAYED: Readonly<Record<string, Playing>> = {
  'interval-build': 'one',
  'signature-write': 'row',
  'scale-write': 'row',
  transpose: 'row',
  'triad-build': 'stack',
  'seventh-build': 'stack',
  'extended-build': 'stack',
  'inversion-turn': 'stack',
  'numeral-build': 'stack',
};
/** Where the octave belongs to the answer. */
const WITH_OCTAVES = new Set(['interval-build', 'transpose', 'inversion-turn']);

/** How an answer of a kind is given on a staff or a keyboard; null where it is not given in notes. */
export const playedAs = (kind: string): Playing | null => PLAYED[kind] ?? null;

/**
 * The key in which a struck key gets its name: that of the question, for notes that are moved the one they come to.
 * C major where the given holds none. A player means the spelling that the key suggests (common practice).
 */
export function playedKey(kind: string, given: Given): Key {
  const read = attempt(() => {
    const key = parseKey(String(given['key']));
    if (kind !== 'transpose') return key;
    const tonic = { ...key.tonic, octave: 4 };
    return keyOf(transpose(tonic, parseInterval(String(given['by'])), given['below'] === true), key.mode);
  });
  return read.ok ? read.value : parseKey('C major');
}

/** Notes that were put on a staff or struck, in that order, as an answer of a kind is written. */
export function playedAnswer(kind: string, notes: readonly Note[]): string {
  const as = playedAs(kind);
  const print = WITH_OCTAVES.has(kind) ? printNote : printNoteName;
  if (as === 'one') return notes.slice(-1).map(print).join('');
  const ordered = as === 'stack' ? [...notes].sort((a, b) => midiNumber(a) - midiNumber(b)) : notes;
  return ordered.map(print).join(' ');
}
