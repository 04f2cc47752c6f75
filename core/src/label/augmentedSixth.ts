import { dropDoublings } from '../chord/identify';
import { makeChord, memberNote } from '../chord/chord';
import { type Key } from '../key/key';
import { MAX_ALTERATION, sameName, type NoteName } from '../pitch/note';
import { type NumeralReading } from './numeralReading';
import { AUGMENTED_SIXTHS, DOUBLY_AUGMENTED, rootOf, type Numeral, ROOT } from './numeral';

const SPELLINGS = [
  ['It', AUGMENTED_SIXTHS.It],
  ['Fr', AUGMENTED_SIXTHS.Fr],
  ['Ger', AUGMENTED_SIXTHS.Ger],
  ['Ger', DOUBLY_AUGMENTED],
] as const;

/** Over another note than its own bass an augmented sixth is rare. */
const TURNED = 0.6;

/**
 * The augmented sixth that notes (lowest first) are in a key, known by their spelling, also with another of
 * its notes lowest; null where they are none.
 */
export function augmentedSixth(notes: readonly NoteName[], key: Key): NumeralReading | null {
  const distinct = dropDoublings(notes);
  const bass = distinct[0]!;
  if (distinct.length < 3 || distinct.length > 4 || Math.abs(key.tonic.alteration) >= MAX_ALTERATION)
    return null;
  for (const [name, list] of SPELLINGS) {
    if (distinct.length !== list.length) continue;
    const plain: Numeral = {
      degree: 6,
      alteration: 0,
      members: list,
      lowest: ROOT,
      special: name,
      target: null,
    };
    const root = rootOf(plain, key);
    if (Math.abs(root.alteration) > 2 || !distinct.some((note) => sameName(note, root))) continue;
    const all = list.map((m) => memberNote(root, m));
    const lowest = list[all.findIndex((note) => sameName(note, bass))];
    if (!lowest || !distinct.every((note) => all.some((other) => sameName(other, note)))) continue;
    const chord = makeChord(root, list, bass);
    const cost = 0.3 + (lowest === list[0] ? 0 : TURNED);
    return { numeral: { ...plain, lowest }, reason: 'augmented-sixth', cost, chord };
  }
  return null;
}
