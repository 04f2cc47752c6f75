import 'reflect-metadata';
import { attempt } from '@diatonix/core';
import { ArrayMaxSize, IsArray, IsString, MaxLength, registerDecorator, ValidateIf } from 'class-validator';

/** Checks a string with one of core's readers; with `each`, a list of them, and with `nulls` one that has gaps. */
export function ReadableAs(
  what: string,
  read: (text: string) => unknown,
  { each = false, nulls = false }: { readonly each?: boolean; readonly nulls?: boolean } = {},
): PropertyDecorator {
  const readable = (value: unknown) =>
    (nulls && value === null) || (typeof value === 'string' && attempt(() => read(value)).ok);
  const name = each ? (nulls ? 'readableListWithGaps' : 'readableList') : 'readable';
  return checked(name, `“$value” is not ${what}`, (value) =>
    each ? Array.isArray(value) && value.every(readable) : readable(value),
  );
}

/** An object that one of core's readers takes. */
export function ObjectAs(what: string, read: (value: object) => unknown): PropertyDecorator {
  return checked('readableObject', `this is not ${what}`, (value) => {
    if (!isObject(value)) return false;
    try {
      read(value);
      return true;
    } catch {
      // What is wrong with its fields is told by their own checks.
      return false;
    }
  });
}

/** A field that may be left out; null is not the same as leaving it out. */
export function May(): PropertyDecorator {
  return ValidateIf((_, value) => value !== undefined);
}

/** An object whose values are short texts. */
export function TextValues(): PropertyDecorator {
  return checked(
    'textValues',
    'every answer is a short text',
    (value) => isObject(value) && Object.values(value).every((v) => typeof v === 'string' && v.length <= 40),
  );
}

/** A short list of the names of rows. */
export function RowNames(): PropertyDecorator {
  const each = { each: true };
  const checks = [IsArray(), IsString(each), MaxLength(40, each), ArrayMaxSize(20)];
  return (target, property) => checks.forEach((check) => check(target, property));
}

/** A list of objects, lists excepted, each with an id of its own. */
export function OwnIds(): PropertyDecorator {
  return checked('ownIds', 'every item has an id of its own', (value) => {
    if (!Array.isArray(value)) return false;
    const ids = value.map((one: unknown) => (isObject(one) && 'id' in one ? one.id : undefined));
    return !ids.includes(undefined) && new Set(ids).size === ids.length;
  });
}

/** An object of numbers from 0 up, under the given names. */
export function Weights(names: readonly string[]): PropertyDecorator {
  return checked(
    'weights',
    'every weight is a number from 0 up, under the name of a rule',
    (value) =>
      isObject(value) &&
      Object.entries(value).every(
        ([name, weight]) =>
          names.includes(name) && typeof weight === 'number' && weight >= 0 && weight <= 1000,
      ),
  );
}

function isObject(value: unknown): value is object {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

function checked(name: string, message: string, validate: (value: unknown) => boolean): PropertyDecorator {
  return (target, propertyName) =>
    registerDecorator({
      name,
      target: target.constructor,
      propertyName: String(propertyName),
      options: { message },
      validator: { validate },
    });
}
