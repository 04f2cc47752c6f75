import 'reflect-metadata';
import { attempt } from '@diatonix/core';
import {
  ArrayMaxSize,
  IsArray,
  IsString,
  MaxLength,
  registerDecorator,
  ValidateIf,
  type ValidationArguments,
  type ValidationOptions,
} from 'class-validator';
import { isObject } from './sound';

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

/** A field that may be left out or null. */
export function MayBeNull(): PropertyDecorator {
  return ValidateIf((_, value) => value !== undefined && value !== null);
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

/** What is wrong, as a whole sentence, alone or with the value that was read. */
type Sentence<Value> = string | ((value: Value) => string);

/**
 * A check that says in whole sentences what is wrong and what would be right. Of several at one field the one next to
 * it is asked first. `sort` VALUE_READ tells of the value alone, not of all that was read.
 */
export function Told<Value = unknown>(
  what: Sentence<Value>,
  right: string,
  validate: (value: unknown) => boolean,
  sort = 'told',
): PropertyDecorator {
  const message = ({ value }: ValidationArguments) =>
    typeof what === 'string' ? what : what(value as Value);
  return checked(sort, message, validate, { context: { right } });
}

/** A check of our own, told by its message. */
export function checked(
  name: string,
  message: string | ((read: ValidationArguments) => string),
  validate: (value: unknown) => boolean,
  more: ValidationOptions = {},
): PropertyDecorator {
  return (target, propertyName) =>
    registerDecorator({
      name,
      target: target.constructor,
      propertyName: String(propertyName),
      options: { ...more, message },
      validator: { validate },
    });
}
