import type { Chord } from '../chord/chord';
import { describe } from '../chord/describe';
import { keyOf, sameKey, type Key } from '../key/key';
import { numeralsForChord } from '../label/numeralsFor';
import { sameName } from '../pitch/note';
import { idOf, type ChordIn } from './chordIn';
import { isMinorThird } from './whole';

const LEAST_CHORDS = 8;
const MOST_DIFFERENT = 5;

/**
 * Whether a passage turns over a few chords: eight and more of two to five different ones, or major sevenths alone that
 * come back to the first (docs/conventions.md).
 */
export function isLoop(chords: readonly ChordIn[]): boolean {
  if (chords.some((chord) => 'numeral' in chord)) return false;
  if (isCycle(chords)) return true;
  if (chords.length < LEAST_CHORDS) return false;
  const different = new Set(chords.map(idOf)).size;
  return different >= 2 && different <= MOST_DIFFERENT;
}

/** Major sevenths alone, the last on the root of the first. */
function isCycle(chords: readonly ChordIn[]): boolean {
  const typed = chords.flatMap((chord) => ('chord' in chord ? [chord.chord] : []));
  const [first, last] = [typed[0], typed[typed.length - 1]];
  if (typed.length < 3 || typed.length < chords.length || !first || !last) return false;
  const rests = ({ members }: Chord) => {
    const { triad, seventh } = describe(members);
    return triad === 'major' && seventh === 'major';
  };
  return sameName(first.root, last.root) && typed.every(rests);
}

/**
 * The key of a loop: the one that was found, but where its tonic never comes, or the loop ends where it began, the key
 * of the first chord, if most chords lie in it.
 */
export function loopKey(found: Key, chords: readonly Chord[]): Key {
  const isTonic = ({ root }: Chord) => sameName(root, found.tonic);
  const first = chords[0]!;
  const turns = sameName(first.root, chords[chords.length - 1]!.root);
  if (chords.some(isTonic) && !turns) return found;
  const own = keyOf(first.root, isMinorThird(first) ? 'minor' : 'major');
  const inside = chords.filter((chord) => numeralsForChord(chord, own)[0]?.reason !== 'chromatic').length;
  return !sameKey(own, found) && 2 * inside >= chords.length ? own : found;
}
