import { TheoryError } from '@diatonix/core';
import { validateSync } from 'class-validator';
import { isPlainlySound } from './plainly';
import { fieldsOf, isObject, OPEN, wrongIn } from './sound';

/**
 * Something that came in, with the fields of its class and no others. Throws TheoryError `request` that says what was
 * read, by its `name` where it has one, what is wrong and what would be right; `what` it is follows “this”.
 */
export function readAs<Made extends object>(
  check: new () => Made,
  data: unknown,
  what: string,
  name?: string | (() => string),
): Made {
  const named = () => (typeof name === 'function' ? name() : name);
  if (!isObject(data))
    throw new TheoryError(
      'request',
      named() ?? textOf(data),
      `this ${what} is not an object.`,
      'Give it in braces.',
    );
  const made = new check() as Record<string, unknown>;
  for (const field of fieldsOf(check)) if (Object.hasOwn(data, field)) made[field] = data[field];
  if (isPlainlySound(check, made)) return made as Made;
  const [error] = validateSync(made, OPEN);
  if (!error) return made as Made;
  const { sort, right, reason } = wrongIn(error, [])[0]!;
  const read = named() ?? textOf(sort === VALUE_READ ? error.value : data);
  throw new TheoryError('request', read, reason, right ?? `See what “${error.property}” takes.`);
}

/** The sort of a check whose message is about the value, not about the whole of what was read. */
export const VALUE_READ = 'value';

const textOf = (read: unknown): string => JSON.stringify(read) ?? 'nothing';
