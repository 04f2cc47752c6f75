import { labelsOf } from '../../labelling';
import { chordLine } from '../../chordLine';
import { Dice } from '../../generating/dice';
import type { Material } from '../../generating/material';
import { rollLineTo, rollTaughtLine } from '../../generating/rollLine';
import { chordsIn } from '../../givenReading';
import { cadenceAtEnd } from '../cadenceName/solve';
import type { ProgressionLabelGiven } from './given';

/** A line of what was taught, to a cadence that can be named where that is asked. */
export function generateProgressionLabel(dice: Dice, material: Material): ProgressionLabelGiven | null {
  const rolled = material.also ? rollLineTo(dice, material) : rollTaughtLine(dice, material);
  const line = rolled && chordLine(rolled.key, rolled.line);
  if (!line) return null;
  // A chord that reads first as another would be argued about.
  if (labelsOf(chordsIn(line.chords), line).join(' ') !== rolled.line.join(' ')) return null;
  if (!material.also) return line;
  return cadenceAtEnd(line) ? { ...line, also: 'cadence' } : null;
}
