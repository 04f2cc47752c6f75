import { type ClefGiven, type GivenFields, anyClef, fourVoices, optional, text } from '../../givenFields';

/** Four voices in which something is wrong. */
export type PartsFaultsGiven = {
  readonly clef?: ClefGiven;
  readonly key?: string;
  readonly voices: readonly (readonly string[])[];
};

export const PARTS_FAULTS_FIELDS: GivenFields<PartsFaultsGiven> = {
  clef: optional(anyClef),
  key: optional(text),
  voices: fourVoices,
};
