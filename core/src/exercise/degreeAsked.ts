import { attempt } from '../errors';
import { parseKey } from '../key/key';
import { parseNumeral } from '../label/numeralParse';
import type { ToMark } from './ask/question';

/** A degree of major or minor, from 1 to 7. */
export interface DegreeAsked {
  readonly mode: 'major' | 'minor';
  readonly degree: number;
}

/**
 * The degree whose chord a question asks for; null where it asks for none, for several, for an applied chord, or
 * for one outside the scale.
 */
export function degreeAsked({ given, answers = [] }: ToMark): DegreeAsked | null {
  const text = numeralIn(given['numeral']) ?? numeralIn(answers[0]);
  if (text === null || typeof given['key'] !== 'string') return null;
  const read = attempt(() => {
    const key = parseKey(given['key'] as string);
    return { key, numeral: parseNumeral(text, key) };
  });
  if (!read.ok) return null;
  const { key, numeral } = read.value;
  // The leading note of minor is its seventh degree raised.
  const raised = key.mode === 'minor' && numeral.degree === 7 && numeral.alteration === 1;
  if (numeral.target || numeral.special || (numeral.alteration !== 0 && !raised)) return null;
  if (key.mode !== 'major' && key.mode !== 'minor') return null;
  return { mode: key.mode, degree: numeral.degree };
}

/** A numeral that stands alone: a text, or beside the notes of an answer. */
function numeralIn(value: unknown): string | null {
  if (typeof value === 'string') return value;
  const beside = (value as { numeral?: unknown } | null | undefined)?.numeral;
  return typeof beside === 'string' ? beside : null;
}
