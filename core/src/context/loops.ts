import type { Chord } from '../chord/chord';
import { describe } from '../chord/describe';
import { keyOf, sameKey, type Key } from '../key/key';
import { numeralsForChord } from '../label/numeralsFor';
import type { NumeralReason } from '../label/numeralReading';
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

/**
 * Whether a passage is the same few chords over and over from its first chord on, the last time perhaps broken off:
 * such a loop has one key under every signature.
 */
export function isRound(chords: readonly ChordIn[]): boolean {
  if (!isLoop(chords)) return false;
  const ids = chords.map(idOf);
  const periods = Array.from({ length: MOST_DIFFERENT - 1 }, (_, at) => at + 2);
  return (
    isCycle(chords) || periods.some((period) => ids.every((id, at) => at < period || id === ids[at - period]))
  );
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
 * The key of a loop: the one that was found. The key of its first chord is taken instead where the tonic that was found
 * never comes or the loop ends where it began, if at least half of the chords lie in it; and where as many of them are
 * diatonic in it, and some in neither (common practice: a loop begins at home unless its chords say otherwise).
 */
export function loopKey(found: Key, chords: readonly Chord[]): Key {
  const isTonic = ({ root }: Chord) => sameName(root, found.tonic);
  const first = chords[0]!;
  const own = keyOf(first.root, isMinorThird(first) ? 'minor' : 'major');
  if (sameKey(own, found)) return found;
  const count = (key: Key, isWanted: (reason: NumeralReason | undefined) => boolean) =>
    chords.filter((chord) => isWanted(numeralsForChord(chord, key)[0]?.reason)).length;
  const turns = sameName(first.root, chords[chords.length - 1]!.root);
  if (!chords.some(isTonic) || turns)
    return 2 * count(own, (reason) => reason !== 'chromatic') >= chords.length ? own : found;
  const [inOwn, inFound] = [own, found].map((key) => count(key, (reason) => reason === 'diatonic'));
  return inOwn! >= inFound! && inFound! < chords.length ? own : found;
}
