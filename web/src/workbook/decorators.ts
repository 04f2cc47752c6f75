import 'reflect-metadata';
import { attempt } from '@diatonix/core';
import { registerDecorator } from 'class-validator';

/** Checks a string, or a list of strings and nulls, with one of core's readers. */
export function ReadableAs(what: string, read: (text: string) => unknown): PropertyDecorator {
  return checked('readableAs', `“$value” is not ${what}`, (value) =>
    (Array.isArray(value) ? value : [value]).every(
      (v) => v === null || (typeof v === 'string' && attempt(() => read(v)).ok),
    ),
  );
}

/** An object whose values are short texts. */
export function TextValues(): PropertyDecorator {
  return checked(
    'textValues',
    'every answer is a short text',
    (value) => isObject(value) && Object.values(value).every((v) => typeof v === 'string' && v.length <= 40),
  );
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
  return typeof value === 'object' && value !== null;
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
