import 'reflect-metadata';
import { attempt } from '@diatonix/core';
import { registerDecorator } from 'class-validator';

/** Checks a string with one of core's readers. */
export function ReadableAs(what: string, read: (text: string) => unknown): PropertyDecorator {
  return (target, propertyName) =>
    registerDecorator({
      name: 'readableAs',
      target: target.constructor,
      propertyName: String(propertyName),
      options: { message: `“$value” is not ${what}` },
      validator: {
        validate: (value: unknown) =>
          (Array.isArray(value) ? value : [value]).every((v) => v === null || (typeof v === 'string' && attempt(() => read(v)).ok)),
      },
    });
}

/** An object whose values are short texts. */
export function TextValues(): PropertyDecorator {
  return (target, propertyName) =>
    registerDecorator({
      name: 'textValues',
      target: target.constructor,
      propertyName: String(propertyName),
      options: { message: 'every answer is a short text' },
      validator: {
        validate: (value: unknown) =>
          typeof value === 'object' && value !== null && Object.values(value).every((v) => typeof v === 'string' && v.length <= 40),
      },
    });
}

/** An object of numbers from 0 up, under the given names. */
export function Weights(names: readonly string[]): PropertyDecorator {
  return (target, propertyName) =>
    registerDecorator({
      name: 'weights',
      target: target.constructor,
      propertyName: String(propertyName),
      options: { message: 'every weight is a number from 0 up, under the name of a rule' },
      validator: {
        validate: (value: unknown) =>
          typeof value === 'object' &&
          value !== null &&
          Object.entries(value).every(([name, weight]) => names.includes(name) && typeof weight === 'number' && weight >= 0 && weight <= 1000),
      },
    });
}
