import { kindOf } from '../kindRegister';
import { attempt } from '../../errors';
import { DEFAULT_LABEL_STYLE } from '../../school/school';
import type { GivenData } from '../question';

/**
 * An answer in the shape of the kind's right answers, however it was written: names of intervals in words, labels of
 * a style, lists with spaces or commas. What is left out of a list stays out. Throws TheoryError for what cannot be
 * read as an answer of the kind.
 */
export const readAnswer = (
  kind: string,
  given: GivenData,
  raw: unknown,
  school = DEFAULT_LABEL_STYLE,
): unknown => kindOf(kind).answer.read(raw, given, school);

/** An answer in the shape of its kind as it is typed in a line; null for what is none. */
export function typedAnswer(kind: string, raw: unknown): string | null {
  if (typeof raw === 'string') return raw;
  if (typeof raw === 'number') return String(raw);
  const { answer } = kindOf(kind);
  if (Array.isArray(raw) && raw.every((one) => typeof one === 'string')) return raw.join(' ');
  if (!answer.isAnswer(raw, {})) return null;
  const typed = attempt(() => answer.typed(raw));
  return typed.ok ? typed.value : null;
}
