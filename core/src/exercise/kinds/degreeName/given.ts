import { type GivenFields, textField } from '../../givenFields';

/** A note of a key. */
export type DegreeNameGiven = { readonly key: string; readonly note: string };

export const DEGREE_NAME_FIELDS: GivenFields<DegreeNameGiven> = { key: textField, note: textField };
