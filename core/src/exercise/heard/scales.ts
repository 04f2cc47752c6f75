import type { NoteName } from '../../pitch/note';
import { keyOf, type Mode } from '../../key/key';
import { scaleOf, type ScaleForm } from '../../key/scale';

/** Scales that are told apart by ear, those that are met first in front. */
export const HEARD_SCALES = [
  'major',
  'natural-minor',
  'harmonic-minor',
  'melodic-minor',
  'dorian',
  'phrygian',
  'lydian',
  'mixolydian',
  'locrian',
] as const;
export type HeardScale = (typeof HEARD_SCALES)[number];

/** The seven notes of a scale upward from its tonic. */
export function notesOfScale(tonic: NoteName, scale: HeardScale): readonly NoteName[] {
  const minor = /^(natural|harmonic|melodic)-minor$/.exec(scale);
  return minor ? scaleOf(keyOf(tonic, 'minor'), minor[1] as ScaleForm) : scaleOf(keyOf(tonic, scale as Mode));
}
