import { TheoryError } from '@diatonix/core';
import { atMost, COMMAND_LIMITS } from './limits';

/** One request of `diatonix lines`, before its fields are read. */
export type Request = Record<string, unknown>;

const wrong = (request: unknown, what: string, right: string) =>
  new TheoryError('request', JSON.stringify(request) ?? 'nothing', what, right);

export function textRequested(request: Request, field: string): string {
  const value = request[field];
  if (typeof value !== 'string')
    throw wrong(
      request,
      `“${field}” is ${value === undefined ? 'missing' : 'not a text'}.`,
      `Give "${field}" as a text in quotes.`,
    );
  atMost(value.length, COMMAND_LIMITS.text, `characters of “${field}”`);
  return value;
}

export function ifRequested(request: Request, field: string): string | undefined {
  return request[field] === undefined || request[field] === null ? undefined : textRequested(request, field);
}

export function textsRequested(request: Request, field: string): string[] {
  const value = request[field];
  if (!Array.isArray(value) || value.some((item) => typeof item !== 'string' && typeof item !== 'number'))
    throw wrong(
      request,
      `“${field}” is not a list of texts.`,
      `Give "${field}" as a list: ["F3","A3","D4"].`,
    );
  return value.map((item) => {
    const one = String(item);
    atMost(one.length, COMMAND_LIMITS.text, `characters of an item of “${field}”`);
    return one;
  });
}

export function listRequested(request: Request, field: string): unknown[] {
  const value = request[field];
  if (!Array.isArray(value))
    throw wrong(
      request,
      `“${field}” is ${value === undefined ? 'missing' : 'not a list'}.`,
      `Give "${field}" as a list.`,
    );
  return value;
}

/** A whole number, where it is given. */
export function wholeNumberRequested(
  request: Request,
  field: string,
  least: number,
  most: number,
): number | undefined {
  const value = request[field];
  if (value === undefined || value === null) return undefined;
  if (typeof value !== 'number' || !Number.isInteger(value) || value < least || value > most)
    throw wrong(
      value,
      `“${field}” is not a whole number from ${least} to ${most}.`,
      `Give "${field}" as a number, without quotes.`,
    );
  return value;
}

export function asObject(value: unknown, what: string): Request {
  if (typeof value !== 'object' || value === null || Array.isArray(value))
    throw wrong(value, `this ${what} is not an object.`, 'Give it in braces.');
  return value as Request;
}
