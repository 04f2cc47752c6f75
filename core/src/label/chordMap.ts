import { DEFAULT_LABEL_STYLE, type LabelStyle } from '../school/school';
import { stackOnDegree, gapsOf } from '../chord/build';
import type { Chord } from '../chord/chord';
import { describe, qualityName } from '../chord/describe';
import { printSymbol } from '../chord/symbolPrint';
import { diatonicNumeral } from './diatonic';
import type { Numeral } from './numeral';
import { perObject } from '../memo';
import type { Key } from '../key/key';
import { degreeName, degreeOf, scaleOf, type DegreeName, type ScaleForm } from '../key/scale';

export type StackTop = 5 | 7 | 9 | 11 | 13;

/** One column of a chord map: the stack on a degree and everything said about it. */
export interface MapColumn {
  readonly degree: number;
  readonly degreeName: DegreeName;
  readonly chord: Chord;
  readonly numeral: Numeral;
  /** Half steps between neighbours of the stack. */
  readonly gaps: readonly number[];
  readonly quality: string;
}

/**
 * The form of minor that a chord map uses unless told: harmonic for V and vii°, as taught first (common
 * practice).
 */
export const MAP_FORM: ScaleForm = 'harmonic';

/**
 * The seven stacks of a key's scale, up to `top`, computed from the scale. The
 * form matters for minor only.
 */
export function chordMap(key: Key, top: StackTop = 5, form: ScaleForm = MAP_FORM): readonly MapColumn[] {
  return MAPS[form][top](key);
}

const mapsOf = (form: ScaleForm): Record<StackTop, (key: Key) => readonly MapColumn[]> => ({
  5: perObject((key: Key) => buildMap(key, 5, form)),
  7: perObject((key: Key) => buildMap(key, 7, form)),
  9: perObject((key: Key) => buildMap(key, 9, form)),
  11: perObject((key: Key) => buildMap(key, 11, form)),
  13: perObject((key: Key) => buildMap(key, 13, form)),
});
const MAPS: Record<ScaleForm, Record<StackTop, (key: Key) => readonly MapColumn[]>> = {
  natural: mapsOf('natural'),
  harmonic: mapsOf('harmonic'),
  melodic: mapsOf('melodic'),
};

function buildMap(key: Key, top: StackTop, form: ScaleForm): MapColumn[] {
  const scale = scaleOf(key, form);
  return scale.map((root, index) => {
    const degree = index + 1;
    const chord = stackOnDegree(scale, degree, top);
    const numeral = {
      ...diatonicNumeral(key, degree, top, form),
      alteration: degreeOf(key, root).alteration,
    };
    return {
      degree,
      degreeName: degreeName(key, degree, form),
      chord,
      numeral,
      gaps: gapsOf(chord),
      quality: qualityName(describe(chord.members)),
    };
  });
}

/** The name of a map's stack as teachers write it: `Em7b9b13`, `Fmaj13#11`. */
export function mapSymbol(column: MapColumn, school: LabelStyle = DEFAULT_LABEL_STYLE): string {
  return printSymbol(column.chord, { detail: 'short', school: school.symbols, letters: school.letters });
}
