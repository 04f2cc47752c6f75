import { attempt } from '../../../errors';
import { stackUp } from '../../../pitch/note';
import { printNote } from '../../../pitch/print';
import type { Dice } from '../../generating/dice';
import type { Material } from '../../generating/material';
import { beatOf } from '../../heard/heardQuestion';
import { notesOfScale } from '../../heard/scales';
import { inTime } from '../../heard/timedSound';
import type { HeardScaleGiven } from './given';

const FLOOR = { step: 4, alteration: 0, octave: 3 } as const;

/** A scale of the material from the tonic of one of its keys, upward from between G3 and F4. */
export function generateHeardScale(dice: Dice, material: Material): HeardScaleGiven | null {
  const { tonic } = dice.pick(material.keys);
  const scale = dice.pick(material.scales);
  // Some tonics would need signs that nobody writes.
  const names = attempt(() => notesOfScale(tonic, scale));
  if (!names.ok) return null;
  const notes = stackUp([...names.value, tonic], FLOOR);
  return {
    before: [],
    sound: inTime(
      notes.map((note) => [printNote(note)]),
      beatOf(material),
    ),
  };
}
