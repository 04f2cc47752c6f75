import { LISTENED, type Listened } from '../../generating/material';
import { type GivenFields, oneOf, optional, text, textLists } from '../../givenFields';

/** What is played, moment by moment, what of it is to be named, and the key of a cadence. */
export type ListenGiven = {
  readonly of: Listened;
  readonly sound: readonly (readonly string[])[];
  readonly key?: string;
};

export const LISTEN_FIELDS: GivenFields<ListenGiven> = {
  of: oneOf(LISTENED),
  sound: textLists,
  key: optional(text),
};
