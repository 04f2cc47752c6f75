import { type GivenFields, textField } from '../../givenFields';

/** The name of a cadence in a key. */
export type CadenceWriteGiven = { readonly key: string; readonly cadence: string };

export const CADENCE_WRITE_FIELDS: GivenFields<CadenceWriteGiven> = { key: textField, cadence: textField };
