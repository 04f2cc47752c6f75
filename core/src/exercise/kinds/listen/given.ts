import { LISTENED, type Listened } from '../../generating/material';
import { type GivenFields, oneOfField, optionalField, textField, textListsField } from '../../givenFields';

/** What is played, moment by moment, what of it is to be named, and the key of a cadence. */
export type ListenGiven = {
  readonly of: Listened;
  readonly sound: readonly (readonly string[])[];
  readonly key?: string;
};

export const LISTEN_FIELDS: GivenFields<ListenGiven> = {
  of: oneOfField(LISTENED),
  sound: textListsField,
  key: optionalField(textField),
};
