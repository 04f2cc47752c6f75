import { describe } from '../chord/describe';
import { attempt, type TheoryError } from '../errors';
import type { Key } from '../key/key';
import { DEFAULT_SCHOOL, parseNumeral, type School } from '../label';
import { chordOfNumeral, isAugmentedSixthName, type Numeral } from '../label/numeral';
import { printNumeral } from '../label/numeralPrint';
import { nameAbove } from '../interval';
import { sameName, type NoteName } from '../pitch';
import type { WorkingStep } from '../working/step';
import { drawnAt, entryOf, readEntry, type Entry } from './entry';

/** Why a sought chord cannot be deduced. */
export type Unknown = 'open' | 'no-bracket' | 'no-target';

/** What brackets, arrows and targets say of a chord that is sought. */
export type Deduction =
  | {
      readonly kind: 'found';
      readonly role: 'ii' | 'V';
      readonly numeral: Numeral;
      /** The chord that the dominant goes to, as its numeral. */
      readonly target: Numeral;
      readonly steps: readonly WorkingStep[];
    }
  | { readonly kind: 'unknown'; readonly why: Unknown };

/**
 * Works back the sought chords of a line, each in the key of its place: an
 * arrow leads to the chord a fifth below, so its V lies a fifth above the
 * target; a bracket joins a V to its ii, a fifth above again (house theory,
 * section 7). Goes from the end to the front, since the target of one pair may
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
  const read = attempt(() => readEntry(entry, key).numeral);
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

function dominantOf(target: Numeral, key: Key): Deduction {
  const numeral: Numeral = { ...parseNumeral('V7', key), target: appliedTo(target) };
  const made = attempt(() => [chordOfNumeral(target, key).root, chordOfNumeral(numeral, key).root] as const);
  if (!made.ok) return { kind: 'unknown', why: 'no-target' };
  const [goal, root] = made.value;
  const steps: WorkingStep[] = [
    { step: 'arrow-to', target: goal, targetNumeral: target, key },
    { step: 'fifth-above', root, of: goal },
    { step: 'named', numeral, key },
  ];
  return { kind: 'found', role: 'V', numeral, target, steps };
}

function secondOf(dominant: Extract<Deduction, { kind: 'found' }>, key: Key): Deduction {
  const minor = isMinorTarget(dominant.target);
  const numeral: Numeral = { ...parseNumeral(minor ? 'iiø7' : 'ii7', key), target: dominant.numeral.target };
  const made = attempt(
    () =>
      [
        chordOfNumeral(dominant.target, key).root,
        chordOfNumeral(dominant.numeral, key).root,
        chordOfNumeral(numeral, key).root,
      ] as const,
  );
  if (!made.ok) return { kind: 'unknown', why: 'no-target' };
  const [goal, fifth, root] = made.value;
  const steps: WorkingStep[] = [
    { step: 'arrow-to', target: goal, targetNumeral: dominant.target, key },
    { step: 'fifth-above', root: fifth, of: goal },
    { step: 'bracket-back', root, of: fifth, minor },
    { step: 'named', numeral, key },
  ];
  return { kind: 'found', role: 'ii', numeral, target: dominant.target, steps };
}

function isMinorTarget({ members }: Numeral): boolean {
  const { triad } = describe(members);
  return triad === 'minor' || triad === 'diminished';
}

/** An answer to a sought chord, marked. */
export type BackMark =
  | { readonly verdict: 'right' }
  | { readonly verdict: 'unreadable'; readonly error: TheoryError }
  | {
      readonly verdict: 'wrong-root';
      readonly role: 'ii' | 'V';
      readonly said: NoteName;
      readonly root: NoteName;
      readonly above: NoteName;
    }
  | {
      readonly verdict: 'wrong-quality';
      readonly role: 'ii' | 'V';
      readonly root: NoteName;
      readonly minorTarget: boolean;
    };

/**
 * Marks what was answered for a sought chord: a numeral, a symbol or notes. The
 * root has to be the deduced one; a V is a major triad or a dominant seventh, a
 * ii a minor triad or seventh, before a minor target a diminished one too. The
 * seventh and the inversion are free.
 */
export function markWorkedBack(
  answer: string,
  deduced: Extract<Deduction, { kind: 'found' }>,
  key: Key,
  school: School = DEFAULT_SCHOOL,
): BackMark {
  const read = attempt(() => readEntry(entryOf(answer.trim(), key, school), key).chord);
  if (!read.ok) return { verdict: 'unreadable', error: read.error };
  const { role, numeral, target } = deduced;
  const [root, goal] = [chordOfNumeral(numeral, key).root, chordOfNumeral(target, key).root];
  const fifthAbove = nameAbove(goal, { number: 5, deviation: 0 });
  if (!sameName(read.value.root, root))
    return {
      verdict: 'wrong-root',
      role,
      said: read.value.root,
      root,
      above: role === 'V' ? goal : fifthAbove,
    };
  const { triad, seventh } = describe(read.value.members);
  const minorTarget = isMinorTarget(target);
  const right =
    role === 'V'
      ? triad === 'major' && seventh !== 'major'
      : minorTarget
        ? (triad === 'diminished' && seventh !== 'diminished') || (triad === 'minor' && seventh === 'minor')
        : triad === 'minor' && seventh !== 'major';
  return right ? { verdict: 'right' } : { verdict: 'wrong-quality', role, root, minorTarget };
}

/** The numeral of a deduced chord as an entry of the line. */
export function deducedEntry({ numeral }: Extract<Deduction, { kind: 'found' }>, key: Key): Entry {
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
