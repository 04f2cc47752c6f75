import { type GivenFields, textField } from '../../givenFields';

/** A numeral in a key. */
export type NumeralBuildGiven = { readonly key: string; readonly numeral: string };

export const NUMERAL_BUILD_FIELDS: GivenFields<NumeralBuildGiven> = { key: textField, numeral: textField };
