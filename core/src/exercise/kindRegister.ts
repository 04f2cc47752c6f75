import { TheoryError } from '../errors';
import type { ExerciseKind } from './exerciseKind';
import { MATERIAL_FIELDS } from './generating/material';
import { CADENCE_NAME } from './kinds/cadenceName';
import { CADENCE_WRITE } from './kinds/cadenceWrite';
import { EXTENDED_BUILD, SEVENTH_BUILD, TRIAD_BUILD } from './kinds/chordBuild';
import { CHORD_MAP } from './kinds/chordMap';
import { EXTENDED_NAME, SEVENTH_NAME, TRIAD_NAME } from './kinds/chordName';
import { DEGREE_NAME } from './kinds/degreeName';
import { ENHARMONIC_RESPELL } from './kinds/enharmonicRespell';
import { FIGURES_NAME } from './kinds/figuresName';
import { FIGURES_REALISE } from './kinds/figuresRealise';
import { HARMONISE } from './kinds/harmonise';
import { HEARD_CADENCE } from './kinds/heardCadence';
import { HEARD_CHANGE } from './kinds/heardChange';
import { HEARD_CHORD } from './kinds/heardChord';
import { HEARD_INTERVAL } from './kinds/heardInterval';
import { HEARD_MELODY } from './kinds/heardMelody';
import { HEARD_OUTER_VOICES } from './kinds/heardOuterVoices';
import { HEARD_PROGRESSION } from './kinds/heardProgression';
import { HEARD_SCALE } from './kinds/heardScale';
import { INTERVAL_BUILD } from './kinds/intervalBuild';
import { INTERVAL_INVERT } from './kinds/intervalInvert';
import { INTERVAL_NAME } from './kinds/intervalName';
import { INVERSION_TURN } from './kinds/inversionTurn';
import { KEY_FIND } from './kinds/keyFind';
import { LISTEN } from './kinds/listen';
import { NOTE_NAME } from './kinds/noteName';
import { NUMERAL_BUILD } from './kinds/numeralBuild';
import { NUMERAL_LABEL } from './kinds/numeralLabel';
import { PARTS_COMPLETE } from './kinds/partsComplete';
import { PARTS_FAULTS } from './kinds/partsFaults';
import { PROGRESSION_LABEL } from './kinds/progressionLabel';
import { SCALE_WRITE } from './kinds/scaleWrite';
import { SCORE_LABEL } from './kinds/scoreLabel';
import { SIGNATURE_NAME } from './kinds/signatureName';
import { SIGNATURE_WRITE } from './kinds/signatureWrite';
import { TRANSPOSE } from './kinds/transpose';
import { WORK_BACK } from './kinds/workBack';
import { WRITTEN } from './kinds/written';

/** Every kind of exercise that is asked, in the order in which a class meets them; a new one is a line here. */
export const KINDS = [
  NOTE_NAME,
  SIGNATURE_NAME,
  SIGNATURE_WRITE,
  SCALE_WRITE,
  DEGREE_NAME,
  ENHARMONIC_RESPELL,
  INTERVAL_NAME,
  INTERVAL_BUILD,
  INTERVAL_INVERT,
  TRIAD_NAME,
  TRIAD_BUILD,
  SEVENTH_NAME,
  SEVENTH_BUILD,
  EXTENDED_NAME,
  EXTENDED_BUILD,
  INVERSION_TURN,
  CHORD_MAP,
  NUMERAL_LABEL,
  NUMERAL_BUILD,
  FIGURES_NAME,
  FIGURES_REALISE,
  WORK_BACK,
  PROGRESSION_LABEL,
  CADENCE_NAME,
  CADENCE_WRITE,
  KEY_FIND,
  PARTS_COMPLETE,
  PARTS_FAULTS,
  TRANSPOSE,
  HARMONISE,
  SCORE_LABEL,
  LISTEN,
  HEARD_INTERVAL,
  HEARD_SCALE,
  HEARD_CHORD,
  HEARD_CADENCE,
  HEARD_PROGRESSION,
  HEARD_OUTER_VOICES,
  HEARD_MELODY,
  HEARD_CHANGE,
] as readonly ExerciseKind[];

/** What is asked for on sheets beside them: questions in somebody's own words. */
export const OWN_WORDS = WRITTEN.id;

const BY_ID = new Map([...KINDS, WRITTEN as ExerciseKind].map((kind) => [kind.id, kind]));

/** The kind of a name. Throws TheoryError `request` for a name that is none. */
export function kindOf(id: string): ExerciseKind {
  const found = BY_ID.get(id);
  if (found) return found;
  throw new TheoryError(
    'request',
    id,
    'there is no such kind of exercise.',
    `The kinds are ${KINDS.map((one) => one.id).join(', ')}.`,
  );
}

/** A kind with the material it takes: the values of each field, and what holds where nothing is said. */
export interface KindOut {
  readonly kind: string;
  readonly material: Readonly<
    Record<string, { readonly values: readonly string[] | string; readonly default: unknown }>
  >;
}

export function kindsOut(): KindOut[] {
  return KINDS.map(({ id, materialFields, defaults, qualities }) => ({
    kind: id,
    material: Object.fromEntries(
      materialFields.map((field) => [
        field,
        {
          values: field === 'qualities' && qualities ? qualities : MATERIAL_FIELDS[field].values,
          default: defaults[field] ?? MATERIAL_FIELDS[field].default,
        },
      ]),
    ),
  }));
}
