import { TheoryError } from '../../errors';
import { KINDS, kindOf } from '../kindRegister';
import type { Mistake } from '../mistakes/mistake';

/** The mistakes of a kind. What is labelled chord by chord goes wrong as single chords do. */
export function mistakesOf(id: string): readonly Mistake[] {
  const { singles, mistakes } = kindOf(id);
  return singles ? singles.kind.mistakes : mistakes;
}

/** A mistake by its name, with the kinds in which it is known. */
export interface MistakeOut {
  readonly mistake: string;
  readonly kinds: readonly string[];
}

/** Every mistake that is known, with its kinds of exercise. */
export function mistakesOut(): MistakeOut[] {
  const kindsOf = new Map<string, Set<string>>();
  for (const { id } of KINDS)
    for (const mistake of mistakesOf(id)) {
      const kinds = kindsOf.get(mistake.id) ?? new Set();
      kindsOf.set(mistake.id, kinds.add(id));
    }
  return [...kindsOf].map(([mistake, kinds]) => ({ mistake, kinds: [...kinds] }));
}

/** Checks the name of a mistake. Throws TheoryError `request` for one that is none. */
export function knownMistake(id: string): string {
  const known = mistakesOut().map(({ mistake }) => mistake);
  if (known.includes(id)) return id;
  throw new TheoryError('request', id, 'there is no such mistake.', `The mistakes are ${known.join(', ')}.`);
}
