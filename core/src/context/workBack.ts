import { describe } from '../chord/describe';
import { attempt } from '../errors';
import type { Key } from '../key/key';
import { parseNumeral } from '../label/numeralParse';
import { chordOfNumeral, isAugmentedSixthName, type Numeral } from '../label/numeral';
import { printNumeral } from '../label/numeralPrint';
import { drawnAt, chordOfEntry, type Entry } from '../line/entry';

/** Why a sought chord cannot be deduced. */
export type Unknown = 'open' | 'no-bracket' | 'no-target';

/** A sought chord that was worked back. */
export interface WorkedBackChord {
  readonly kind: 'found';
  readonly role: 'ii' | 'V';
  readonly numeral: Numeral;
  /** The chord that the dominant goes to, as its numeral. */
  readonly target: Numeral;
}

/** What brackets, arrows and targets say of a chord that is sought. */
export type Deduction = WorkedBackChord | { readonly kind: 'unknown'; readonly why: Unknown };

/**
 * Works back the sought chords of a line, each in the key of its place: an
 * arrow leads to the chord a fifth below, so its V lies a fifth above the
 * target; a bracket joins a V to its ii, a fifth above again (docs/conventions.md).
 * Goes from the end to the front, since the target of one pair may
 * be the ii of the next. A bracket without an arrow leaves its target open.
 */
export function workBack(entries: readonly Entry[], keys: readonly Key[]): ReadonlyMap<number, Deduction> {
  const found = new Map<number, Deduction>();
  for (let at = entries.length - 1; at >= 0; at--) {
    const entry = entries[at]!;
    if (entry.kind === 'sought') found.set(at, deduce(at, drawnAt(entry), entries, keys[at]!, found));
  }
  return found;
}

function deduce(
  at: number,
  drawn: ReturnType<typeof drawnAt>,
  entries: readonly Entry[],
  key: Key,
  found: ReadonlyMap<number, Deduction>,
): Deduction {
  if (drawn.arrow) {
    const target = numeralAt(at + 1, entries, key, found);
    return target ? dominantOf(target, key) : { kind: 'unknown', why: 'no-target' };
  }
  if (drawn.opens) {
    const dominant = found.get(at + 1);
    if (dominant?.kind === 'found' && dominant.role === 'V') return secondOf(dominant, key);
    return { kind: 'unknown', why: dominant?.kind === 'unknown' ? dominant.why : 'open' };
  }
  return { kind: 'unknown', why: drawn.closes ? 'open' : 'no-bracket' };
}

/** The numeral of a known or deduced chord; null where it is not known or has no root of its own. */
function numeralAt(
  at: number,
  entries: readonly Entry[],
  key: Key,
  found: ReadonlyMap<number, Deduction>,
): Numeral | null {
  const entry = entries[at];
  if (!entry) return null;
  if (entry.kind === 'sought') {
    const deduced = found.get(at);
    return deduced?.kind === 'found' ? deduced.numeral : null;
  }
  const read = attempt(() => chordOfEntry(entry, key).numeral);
  return read.ok && !isAugmentedSixthName(read.value.special) ? read.value : null;
}

/** The target as a bare triad, to stand after the slash; null where it is the tonic itself. */
function appliedTo({ degree, alteration, members, special, target }: Numeral): Numeral | null {
  if (degree === 1 && alteration === 0 && special === null) return target;
  const triad = members.filter((member) => member.degree <= 5);
  return {
    degree,
    alteration,
    members: triad,
    lowest: triad[0]!,
    special: special === 'N' ? 'N' : null,
    target,
  };
}

/** The V that goes to a target. */
export function dominantOf(target: Numeral, key: Key): Deduction {
  const numeral: Numeral = { ...parseNumeral('V7', key), target: appliedTo(target) };
  return placed({ kind: 'found', role: 'V', numeral, target }, key);
}

/** The ii that stands before such a V. */
export function secondOf(dominant: WorkedBackChord, key: Key): Deduction {
  const quality = isMinorTarget(dominant.target) ? 'iiø7' : 'ii7';
  const numeral: Numeral = { ...parseNumeral(quality, key), target: dominant.numeral.target };
  return placed({ kind: 'found', role: 'ii', numeral, target: dominant.target }, key);
}

/** A chord that cannot be spelled in the key is none. */
function placed(found: WorkedBackChord, key: Key): Deduction {
  const made = attempt(() => [chordOfNumeral(found.target, key), chordOfNumeral(found.numeral, key)]);
  return made.ok ? found : { kind: 'unknown', why: 'no-target' };
}

/** Whether a target is minor, and so takes a half-diminished ii. */
export function isMinorTarget({ members }: Numeral): boolean {
  const { triad } = describe(members);
  return triad === 'minor' || triad === 'diminished';
}

/** The numeral of a deduced chord as an entry of the line. */
export function deducedEntry({ numeral }: WorkedBackChord, key: Key): Entry {
  return { kind: 'numeral', text: printNumeral(numeral, key) };
}

/**
 * A line for the class to work back: every ii of a bracket and every dominant with an arrow becomes a sought
 * chord with what is drawn at it.
 */
export function soughtFrom(
  entries: readonly Entry[],
  drawn: readonly {
    readonly bracketFrom: boolean;
    readonly bracketTo: boolean;
    readonly arrowFrom: boolean;
  }[],
): Entry[] {
  return entries.map((entry, at) => {
    const { bracketFrom, bracketTo, arrowFrom } = drawn[at]!;
    if (entry.kind === 'sought' || !(bracketFrom || bracketTo || arrowFrom)) return entry;
    return {
      kind: 'sought',
      text: `${bracketFrom ? '[' : ''}?${bracketTo ? ']' : ''}${arrowFrom ? '>' : ''}`,
    };
  });
}
