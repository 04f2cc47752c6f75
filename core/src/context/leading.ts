import { memberNote, type Chord } from '../chord/chord';
import { describe } from '../chord/describe';
import type { ContextReading } from './chordIn';
import { nameBelow } from '../interval/interval';
import type { Key } from '../key/key';
import type { Numeral } from '../label/numeral';
import { sameName } from '../pitch/note';

/**
 * Whether a chord leads to the tonic of a key as a dominant does: by the leading note, or as the dominant whose
 * third is suspended (docs/conventions.md).
 */
export function leadsToTonic(chord: Chord, numeral: Numeral, key: Key): boolean {
  const leading = nameBelow(key.tonic, { number: 2, deviation: -1 });
  return (
    isSuspendedDominant(numeral) ||
    chord.members.some((member) => sameName(memberNote(chord.root, member), leading))
  );
}

/** A dominant whose third is suspended stands for the dominant. */
export function isSuspendedDominant({ degree, members }: Numeral): boolean {
  return degree === 5 && members.some((member) => member.degree === 4 || member.degree === 2);
}

/** Major third, and a minor seventh or the numeral of a dominant. */
export function isDominant({ chord, numeral, reason }: ContextReading): boolean {
  const { triad, seventh } = describe(chord.members);
  if (triad !== 'major' && triad !== 'augmented' && triad !== 'flat-five') return false;
  if (seventh === 'major') return false;
  return numeral.special === null && (numeral.degree === 5 || (seventh === 'minor' && reason !== 'backdoor'));
}
