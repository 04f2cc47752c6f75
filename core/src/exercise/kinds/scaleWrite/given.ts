import { type Clef, SCALE_FORMS, type ScaleForm } from '../../../key/scale';
import { type GivenFields, clefField, oneOfField, optionalField, textField } from '../../givenFields';

/** A key and a form of its scale. */
export type ScaleWriteGiven = { readonly clef?: Clef; readonly key: string; readonly form: ScaleForm };

export const SCALE_WRITE_FIELDS: GivenFields<ScaleWriteGiven> = {
  clef: optionalField(clefField),
  key: textField,
  form: oneOfField(SCALE_FORMS),
};
