/** Whether what comes from outside is as the class says that it should be: nothing here knows any theory. */
import 'reflect-metadata';
import { plainToInstance, type ClassConstructor } from 'class-transformer';
import {
  getMetadataStorage,
  useContainer as findChecksIn,
  validateSync,
  type ValidationError,
} from 'class-validator';

/** What the checks are made of, found by its class: the package’s own store looks through a list for every value. */
const MADE = new Map<new () => object, object>();
findChecksIn({
  get: (made) => {
    const one = MADE.get(made as new () => object) ?? new (made as new () => object)();
    MADE.set(made as new () => object, one);
    return one as never;
  },
});

/** Every field is known, and the first thing that is wrong with one is enough. */
const STRICT = {
  whitelist: true,
  forbidNonWhitelisted: true,
  forbidUnknownValues: true,
  stopAtFirstError: true,
};
/** Whatever else it may have. */
export const OPEN = { forbidUnknownValues: true, stopAtFirstError: true };

/** One thing that is wrong with what came in. */
export interface Wrong {
  /** Fields and places in lists, from the outermost; empty where nothing in it can be read. */
  readonly path: readonly string[];
  readonly reason: string;
  /** What the check calls it. */
  readonly sort: string;
  /** What would be right, where the check says it. */
  readonly right?: string;
}

/** What is wrong with something, place by place; empty when it is sound. What has other fields is not. */
export function wrongsIn(check: ClassConstructor<object>, data: object): Wrong[] {
  return validateSync(plainToInstance(check, data), STRICT).flatMap((error) => wrongIn(error, []));
}

/** Whether something is as its class says, whatever else it may have. Never throws. */
export function isSound(check: ClassConstructor<object>, data: unknown): boolean {
  if (!isObject(data)) return false;
  try {
    return validateSync(plainToInstance(check, data), OPEN).length === 0;
  } catch {
    // Nested more deeply than anything that is one of ours.
    return false;
  }
}

/** Whether something is as its class says and has nothing else. Never throws. */
export function isExactly(check: ClassConstructor<object>, data: unknown): boolean {
  if (!isObject(data)) return false;
  try {
    return wrongsIn(check, data).length === 0;
  } catch {
    return false;
  }
}

/** Of something that came in, the fields that are as its class says; the others are left out. Never throws. */
export function soundFields<Made extends object>(check: new () => Made, data: unknown): Partial<Made> {
  if (!isObject(data)) return {};
  try {
    const own = Object.fromEntries(fieldsOf(check).map((field) => [field, data[field]]));
    const errors = validateSync(plainToInstance(check as ClassConstructor<object>, own), OPEN);
    const odd = new Set(errors.map(({ property }) => property));
    return Object.fromEntries(
      Object.entries(own).filter(([field, value]) => value !== undefined && !odd.has(field)),
    ) as Partial<Made>;
  } catch {
    // Nested more deeply than anything that is one of ours.
    return {};
  }
}

const FIELDS = new Map<new () => object, readonly string[]>();

/** The fields that a class checks. */
export function fieldsOf(check: new () => object): readonly string[] {
  let fields = FIELDS.get(check);
  if (!fields) {
    const all = getMetadataStorage().getTargetValidationMetadatas(check, '', false, false);
    fields = [...new Set(all.map(({ propertyName }) => propertyName))];
    FIELDS.set(check, fields);
  }
  return fields;
}

/** A wrong as a sentence: `columns 2 › metre: “x” is not a metre.` */
export function sentenceOf({ path, reason }: Wrong): string {
  let place = '';
  for (const step of path)
    place += place === '' ? step : /^\d+$/.test(step) ? ` ${Number(step) + 1}` : ` › ${step}`;
  return place === '' ? reason : `${place}: ${reason}`;
}

/** What one error of the package says, place by place. */
export function wrongIn(error: ValidationError, above: readonly string[]): Wrong[] {
  const path = [...above, error.property];
  const own = Object.entries(error.constraints ?? {}).map(([sort, message]): Wrong => {
    const context = error.contexts?.[sort] as { readonly right: string } | undefined;
    // A check that says what would be right has a whole sentence of its own.
    if (context) return { path, sort, reason: message, right: context.right };
    const reason =
      sort === 'whitelistValidation'
        ? 'this field is not known here.'
        : error.value === undefined
          ? 'it is missing.'
          : `${message}.`;
    return { path, sort, reason };
  });
  return [...own, ...(error.children ?? []).flatMap((child) => wrongIn(child, path))];
}

/** Whether something is an object and no list. */
export const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
