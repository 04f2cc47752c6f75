import { attempt } from '../../errors';
import { type Key, signatureFifths } from '../../key/key';
import { numeralsForNotes } from '../../label/numeralsFor';
import type { NumeralReason } from '../../label/numeralReading';
import { lineOfFifths, type NoteName } from '../../pitch/note';
import type { Dice } from './dice';
import type { Chromatic } from './material';

/** Fifths from the major scale of a signature: its own notes, and in minor the raised sixth and seventh. */
const OWN = { low: -1, high: 5, raised: [6, 8] };
/**
 * How far music in a key goes (common practice): from the lowered second of the Neapolitan to the leading note of the
 * third degree, both of the major scale.
 */
const USED = { low: -5, high: 9 };
/** Of chords that have no numeral of their own, those near the key. */
const NEAR = { low: -3, high: 7 };

const USED_REASONS: ReadonlySet<NumeralReason> = new Set([
  ...(['diatonic', 'harmonic', 'melodic', 'mixture', 'applied', 'neapolitan', 'augmented-sixth'] as const),
]);

const fromKey = (note: NoteName, key: Key): number => lineOfFifths(note) - signatureFifths(key);

function isOwn(note: NoteName, key: Key): boolean {
  const fifths = fromKey(note, key);
  return (fifths >= OWN.low && fifths <= OWN.high) || (key.mode === 'minor' && OWN.raised.includes(fifths));
}

const within = (notes: readonly NoteName[], key: Key, { low, high }: { low: number; high: number }) =>
  notes.every((note) => fromKey(note, key) >= low && fromKey(note, key) <= high);

/** Of chromatic things so many in a hundred are taken where some are wanted. */
const SOME = 40;

/**
 * Whether notes belong into questions in a key: those of the key itself, and with `some` also leading notes, applied
 * chords, mixture, the Neapolitan, augmented sixths and chromatic neighbours (docs/conventions.md).
 */
export function isUsedInKey(notes: readonly NoteName[], key: Key, chromatic: Chromatic, dice: Dice): boolean {
  if (chromatic === 'any') return true;
  const own = notes.filter((note) => isOwn(note, key)).length;
  if (own === notes.length) return true;
  if (chromatic === 'none' || own === 0 || !within(notes, key, USED)) return false;
  if (!dice.chance(SOME)) return false;
  if (notes.length < 3) return true;
  const read = attempt(() => numeralsForNotes(notes, key)[0]);
  if (read.ok && read.value && USED_REASONS.has(read.value.reason)) return true;
  return within(notes, key, NEAR) && 2 * own >= notes.length;
}
