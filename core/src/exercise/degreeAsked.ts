import { attempt } from '../errors';
import { parseNumeral } from '../label/numeralParse';
import { keyIn } from './givenReading';
import { kindOf } from './kindRegister';
import type { ToMark } from './question';

/** A degree of major or minor, from 1 to 7. */
export interface DegreeAsked {
  readonly mode: 'major' | 'minor';
  readonly degree: number;
}

/**
 * The degree whose chord a question asks for; null where it asks for none, for several, for an applied chord, or
 * for one outside the scale.
 */
export function degreeAsked({ kind, given, answers = [] }: ToMark): DegreeAsked | null {
  const read = attempt(() => {
    const text = kindOf(kind).numeralAsked?.(given, answers);
    if (text === undefined || text === null) return null;
    const key = keyIn(given as { readonly key?: string });
    return { key, numeral: parseNumeral(text, key) };
  });
  if (!read.ok || !read.value) return null;
  const { key, numeral } = read.value;
  // The leading note of minor is its seventh degree raised.
  const raised = key.mode === 'minor' && numeral.degree === 7 && numeral.alteration === 1;
  if (numeral.target || numeral.special || (numeral.alteration !== 0 && !raised)) return null;
  if (key.mode !== 'major' && key.mode !== 'minor') return null;
  return { mode: key.mode, degree: numeral.degree };
}
