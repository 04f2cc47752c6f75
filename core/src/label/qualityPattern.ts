import { intervalUp, printInterval } from '../interval/interval';
import { chordMap } from './chordMap';
import { ordinaryKeys, type Key } from '../key/key';
import { scaleOf, type ScaleForm } from '../key/scale';

/**
 * What is the same in every key of a mode: the quality of the third, the triad and the seventh chord on each
 * degree.
 */
export interface QualityPattern {
  /** `major` or `minor`, from degree 1 to 7; `diminished` where a raised note narrows it. */
  readonly thirds: readonly string[];
  readonly triads: readonly string[];
  readonly sevenths: readonly string[];
}

const THIRDS: Record<string, string> = { M3: 'major', m3: 'minor', d3: 'diminished', A3: 'augmented' };

/** The pattern of one key's scale, computed from its notes. */
export function qualityPattern(key: Key, form: ScaleForm = 'natural'): QualityPattern {
  const scale = scaleOf(key, form);
  return {
    thirds: scale.map((note, index) => THIRDS[printInterval(intervalUp(note, scale[(index + 2) % 7]!))]!),
    triads: chordMap(key, 5, form).map(({ quality }) => quality),
    sevenths: chordMap(key, 7, form).map(({ quality }) => quality),
  };
}

/** The ordinary keys of the same mode whose pattern is the same: all fifteen, as the comparison shows. */
export function keysWithPattern(key: Key, form: ScaleForm = 'natural'): Key[] {
  const own = JSON.stringify(qualityPattern(key, form));
  return ordinaryKeys(key.mode).filter((other) => JSON.stringify(qualityPattern(other, form)) === own);
}
