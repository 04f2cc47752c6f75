import { dropDoublings } from '../chord/identify';
import { makeChord, memberNote } from '../chord/chord';
import { type Key } from '../key/key';
import { MAX_ALTERATION, sameName, type NoteName } from '../pitch/note';
import { AUGMENTED_SIXTHS, rootOf, type Numeral } from './numeral';
import { type NumeralReading } from './numeralReading';
import { ROOT } from './numeral';

/**
 * The augmented sixth that notes (lowest first) are in a key, known by their spelling; null where they are
 * none.
 */
export function augmentedSixth(notes: readonly NoteName[], key: Key): NumeralReading | null {
  const distinct = dropDoublings(notes);
  const bass = distinct[0]!;
  for (const name of ['It', 'Fr', 'Ger'] as const) {
    const numeral: Numeral = {
      degree: 6,
      alteration: 0,
      members: AUGMENTED_SIXTHS[name],
      lowest: ROOT,
      special: name,
      target: null,
    };
    if (
      Math.abs(bass.alteration) > 2 ||
      !sameName(safeRoot(numeral, key) ?? bass, bass) ||
      distinct.length !== numeral.members.length
    )
      continue;
    const chord = makeChord(bass, numeral.members);
    const all = numeral.members.map((m) => memberNote(bass, m));
    if (distinct.every((note) => all.some((other) => sameName(other, note))))
      return { numeral, reason: 'augmented-sixth', cost: 0.3, chord };
  }
  return null;
}

/** The root of an augmented sixth, or null where it could not be spelled. */
function safeRoot(numeral: Numeral, key: Key): NoteName | null {
  return Math.abs(key.tonic.alteration) >= MAX_ALTERATION ? null : rootOf(numeral, key);
}
