import { homesOf } from '../label/homes';
import { parseKey, printKey, type Key } from '../key/key';
import type { Chord } from '../chord/chord';
import { sameName } from '../pitch/note';

/** So many chords say enough of a key. */
const ENOUGH = 3;

/**
 * The key that a line of chords is plainly in, where it is not the one that it is read in: every chord lies in
 * its scale, and in that of the other at most half of them do. Of two such keys the one whose tonic begins or
 * ends the line. Null where nothing is plain.
 */
export function fittingKey(chords: readonly Chord[], key: Key): Key | null {
  if (chords.length < ENOUGH) return null;
  const homes = chords.map((chord) => new Set(homesOf(chord).map((home) => printKey(home.key))));
  const own = homes.filter((keys) => keys.has(printKey(key))).length;
  if (own > chords.length / 2) return null;
  const common = [...homes[0]!]
    .filter((name) => homes.every((keys) => keys.has(name)))
    .map((name) => parseKey(name));
  const tonicAt = (chord: Chord, { tonic }: Key) => (sameName(chord.root, tonic) ? 1 : 0);
  const weight = (one: Key) => 2 * tonicAt(chords[0]!, one) + tonicAt(chords[chords.length - 1]!, one);
  const [best, next] = common
    .map((one) => ({ one, weight: weight(one) }))
    .sort((a, b) => b.weight - a.weight);
  return best && best.weight > 0 && best.weight > (next?.weight ?? 0) ? best.one : null;
}
