/** What a field of a request holds, each with what is said where it does not. */
import { REQUEST_LIMITS } from '@diatonix/core';
import { MayBeNull, Told } from '../decorators';
import { VALUE_READ } from '../readAs';
import { isObject } from '../sound';

const isText = (value: unknown): value is string => typeof value === 'string';
const isShort = (value: unknown) => String(value).length <= REQUEST_LIMITS.text;
const lacking = (name: string, kind: string) => (value: unknown) =>
  `“${name}” is ${value === undefined ? 'missing' : `not ${kind}`}.`;

/** Decorators of one field as one; the first is asked first. */
export function together(...checks: readonly PropertyDecorator[]): PropertyDecorator {
  return (target, property) => checks.forEach((check) => check(target, property));
}

function named(make: (name: string) => PropertyDecorator): PropertyDecorator {
  return (target, property) => make(String(property))(target, property);
}

/** A text that is not longer than any sensible one. */
export const Text = () =>
  named((name) =>
    together(
      Told(lacking(name, 'a text'), `Give "${name}" as a text in quotes.`, isText),
      Told(`“${name}” is longer than any is.`, `Give at most ${REQUEST_LIMITS.text} characters.`, isShort),
    ),
  );

/** A text that may be left out or null. */
export const MayText = () => together(MayBeNull(), Text());

/** A list of texts; numbers are taken as they are written. */
export const Texts = () =>
  named((name) =>
    together(
      Told(
        `“${name}” is not a list of texts.`,
        `Give "${name}" as a list: ["F3","A3","D4"].`,
        (value) => Array.isArray(value) && value.every((one) => isText(one) || typeof one === 'number'),
      ),
      Told(
        `an item of “${name}” is longer than any is.`,
        `Give at most ${REQUEST_LIMITS.text} characters.`,
        (value) => (value as unknown[]).every(isShort),
      ),
    ),
  );

/** A list of whatever it may be: its items are read one by one. */
export const List = () =>
  named((name) => Told(lacking(name, 'a list'), `Give "${name}" as a list.`, Array.isArray));

export const MayList = () => together(MayBeNull(), List());

/** A whole number that may be left out. */
export const MayWholeNumber = (least: number, most: number) =>
  together(
    MayBeNull(),
    named((name) =>
      Told(
        `“${name}” is not a whole number from ${least} to ${most}.`,
        `Give "${name}" as a number, without quotes.`,
        (value) => Number.isInteger(value) && (value as number) >= least && (value as number) <= most,
        VALUE_READ,
      ),
    ),
  );

/** True or false, or left out. */
export const MayFlag = () =>
  together(
    MayBeNull(),
    named((name) =>
      Told(
        `“${name}” is neither true nor false.`,
        `Give "${name}" as true or false, without quotes.`,
        (value) => typeof value === 'boolean',
      ),
    ),
  );

/** An object whose fields are read by a class of their own. */
export const Braces = () =>
  named((name) => Told(lacking(name, 'an object'), `Give "${name}" in braces.`, isObject));

export const MayBraces = () => together(MayBeNull(), Braces());
