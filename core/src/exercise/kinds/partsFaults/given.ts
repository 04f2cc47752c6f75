import {
  type ClefGiven,
  type GivenFields,
  anyClefField,
  fourVoicesField,
  optionalField,
  textField,
} from '../../givenFields';

/** Four voices in which something is wrong. */
export type PartsFaultsGiven = {
  readonly clef?: ClefGiven;
  readonly key?: string;
  readonly voices: readonly (readonly string[])[];
};

export const PARTS_FAULTS_FIELDS: GivenFields<PartsFaultsGiven> = {
  clef: optionalField(anyClefField),
  key: optionalField(textField),
  voices: fourVoicesField,
};
