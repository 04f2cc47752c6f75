import { getMetadataStorage, ValidationTypes, type ValidationArguments } from 'class-validator';

/** A field with when it is looked at and what it has to pass. */
interface FieldTests {
  readonly field: string;
  readonly conditions: readonly ((made: object, value: unknown) => boolean)[];
  readonly tests: readonly ((value: unknown) => boolean)[];
}

const { CONDITIONAL_VALIDATION, CUSTOM_VALIDATION, WHITELIST } = ValidationTypes;
const TESTS = new Map<object, readonly FieldTests[] | null>();

/**
 * Whether every field of something passes what its class asks, by its checks alone: the package looks them up anew for
 * every value, which is several times the work. False says only that the package is to be asked; it is also the answer
 * for a class that holds others.
 */
export function isPlainlySound(check: new () => object, made: Readonly<Record<string, unknown>>): boolean {
  let plan = TESTS.get(check);
  if (plan === undefined) TESTS.set(check, (plan = testsOf(check)));
  return (
    plan?.every(
      ({ field, conditions, tests }) =>
        !conditions.every((when) => when(made, made[field])) || tests.every((test) => test(made[field])),
    ) ?? false
  );
}

function testsOf(check: new () => object): readonly FieldTests[] | null {
  const storage = getMetadataStorage();
  const all = storage.getTargetValidationMetadatas(check, '', false, false);
  const known: readonly string[] = [CONDITIONAL_VALIDATION, CUSTOM_VALIDATION, WHITELIST];
  if (!all.every(({ type }) => known.includes(type))) return null;
  return [...new Set(all.map(({ propertyName }) => propertyName))].map((field): FieldTests => {
    const own = (type: string) => all.filter((one) => one.propertyName === field && one.type === type);
    return {
      field,
      conditions: own(CONDITIONAL_VALIDATION).map(({ constraints }) => constraints[0]),
      tests: own(CUSTOM_VALIDATION)
        .flatMap(({ constraintCls }) => storage.getTargetValidatorConstraints(constraintCls))
        .map(
          ({ instance }) =>
            (value: unknown) =>
              instance.validate(value, {} as ValidationArguments) === true,
        ),
    };
  });
}
