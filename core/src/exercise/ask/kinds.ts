import { TheoryError } from '../../errors';
import { ASK_CADENCE_NAME } from '../kinds/cadenceName/ask';
import { ASK_CADENCE_WRITE } from '../kinds/cadenceWrite/ask';
import { ASK_CHORD_MAP } from '../kinds/chordMap/ask';
import { ASK_FIGURES_REALISE } from '../kinds/figuresRealise/ask';
import { ASK_HARMONISE } from '../kinds/harmonise/ask';
import { ASK_LISTEN } from '../kinds/listen/ask';
import { ASK_PARTS_COMPLETE } from '../kinds/partsComplete/ask';
import { ASK_SCORE_LABEL } from '../kinds/scoreLabel/ask';
import { ASK_WORK_BACK } from '../kinds/workBack/ask';
import { ASK_KEY_FIND } from '../kinds/keyFind/ask';
import { ASK_PARTS_FAULTS } from '../kinds/partsFaults/ask';
import { ASK_EXTENDED_BUILD, ASK_SEVENTH_BUILD, ASK_TRIAD_BUILD } from '../kinds/chordBuild/ask';
import { ASK_EXTENDED_NAME, ASK_SEVENTH_NAME, ASK_TRIAD_NAME } from '../kinds/chordName/ask';
import { ASK_DEGREE_NAME } from '../kinds/degreeName/ask';
import { ASK_FIGURES_NAME } from '../kinds/figuresName/ask';
import { ASK_INTERVAL_BUILD } from '../kinds/intervalBuild/ask';
import { ASK_INTERVAL_INVERT } from '../kinds/intervalInvert/ask';
import { ASK_INTERVAL_NAME } from '../kinds/intervalName/ask';
import { ASK_INVERSION_TURN } from '../kinds/inversionTurn/ask';
import { ASK_NOTE_NAME } from '../kinds/noteName/ask';
import { ASK_NUMERAL_BUILD } from '../kinds/numeralBuild/ask';
import { ASK_NUMERAL_LABEL } from '../kinds/numeralLabel/ask';
import { ASK_PROGRESSION_LABEL } from '../kinds/progressionLabel/ask';
import { ASK_SCALE_WRITE } from '../kinds/scaleWrite/ask';
import { ASK_SIGNATURE_NAME } from '../kinds/signatureName/ask';
import { ASK_SIGNATURE_WRITE } from '../kinds/signatureWrite/ask';
import { ASK_TRANSPOSE } from '../kinds/transpose/ask';
import { ASK_WRITTEN } from '../kinds/written/ask';
import { FIELDS, type MaterialField } from './material';
import type { Asking } from './question';

/** Every kind of exercise that is asked, in the order in which a class meets them. */
export const ASKING: readonly Asking[] = [
  ASK_NOTE_NAME,
  ASK_SIGNATURE_NAME,
  ASK_SIGNATURE_WRITE,
  ASK_SCALE_WRITE,
  ASK_DEGREE_NAME,
  ASK_INTERVAL_NAME,
  ASK_INTERVAL_BUILD,
  ASK_INTERVAL_INVERT,
  ASK_TRIAD_NAME,
  ASK_TRIAD_BUILD,
  ASK_SEVENTH_NAME,
  ASK_SEVENTH_BUILD,
  ASK_EXTENDED_NAME,
  ASK_EXTENDED_BUILD,
  ASK_INVERSION_TURN,
  ASK_CHORD_MAP,
  ASK_NUMERAL_LABEL,
  ASK_NUMERAL_BUILD,
  ASK_FIGURES_NAME,
  ASK_FIGURES_REALISE,
  ASK_WORK_BACK,
  ASK_PROGRESSION_LABEL,
  ASK_CADENCE_NAME,
  ASK_CADENCE_WRITE,
  ASK_KEY_FIND,
  ASK_PARTS_COMPLETE,
  ASK_PARTS_FAULTS,
  ASK_TRANSPOSE,
  ASK_HARMONISE,
  ASK_SCORE_LABEL,
  ASK_LISTEN,
];

/** What is asked for on sheets beside them: questions in somebody's own words. */
export const WRITTEN = ASK_WRITTEN.id;

/** The kind of a name. Throws TheoryError `request` for a name that is none. */
export function askingOf(id: string): Asking {
  const found = id === WRITTEN ? ASK_WRITTEN : ASKING.find((one) => one.id === id);
  if (!found)
    throw new TheoryError(
      'request',
      id,
      'there is no such kind of exercise.',
      `The kinds are ${ASKING.map((one) => one.id).join(', ')}.`,
    );
  return found;
}

/** A kind with the material it takes: the values of each field, and what holds where nothing is said. */
export interface KindOut {
  readonly kind: string;
  readonly material: Readonly<
    Record<string, { readonly values: readonly string[] | string; readonly usual: unknown }>
  >;
}

export function kindsOut(): KindOut[] {
  return ASKING.map(({ id, takes, usual, qualities }) => ({
    kind: id,
    material: Object.fromEntries(
      takes.map((field: MaterialField) => [
        field,
        {
          values: field === 'qualities' && qualities ? qualities : FIELDS[field].values,
          usual: usual[field] ?? FIELDS[field].usual,
        },
      ]),
    ),
  }));
}
