import { midiNumber, type Note } from '../pitch/note';
import { printNote, printNoteName } from '../pitch/print';

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

/** Notes that were put on a staff or struck, in that order, as an answer of a kind is written. */
export function playedAnswer(kind: string, notes: readonly Note[]): string {
  const as = playedAs(kind);
  const print = WITH_OCTAVES.has(kind) ? printNote : printNoteName;
  if (as === 'one') return notes.slice(-1).map(print).join('');
  const ordered = as === 'stack' ? [...notes].sort((a, b) => midiNumber(a) - midiNumber(b)) : notes;
  return ordered.map(print).join(' ');
}
