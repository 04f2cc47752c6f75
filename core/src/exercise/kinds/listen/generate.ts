import { halfSteps } from '../../../interval/interval';
import { printNote } from '../../../pitch/print';
import { QUALITIES } from '../../chordQualities';
import { Dice } from '../../generating/dice';
import type { Material } from '../../generating/material';
import { chordOnStaff, rollChord } from '../../generating/rollChord';
import { rollInterval } from '../../generating/rollInterval';
import { generateCadenceName } from '../cadenceName/generate';
import type { ListenGiven } from './given';

/** Something of the material to be played. */
export function generateListen(dice: Dice, material: Material): ListenGiven | null {
  const of = dice.pick(material.listened);
  // What is only heard lies in no key.
  const wide = { ...material, accidentals: 'single', chromatic: 'any', ledgerLines: 2 } as const;
  if (of === 'interval') {
    const found = rollInterval(dice, wide);
    if (!found || halfSteps(found.interval) < 0) return null;
    return { of, sound: [[printNote(found.from)], [printNote(found.to)]] };
  }
  if (of === 'cadence') {
    const rolled = generateCadenceName(dice, material);
    return rolled && { of, key: rolled.key, sound: rolled.chords };
  }
  const family = of === 'seventh' ? QUALITIES.seventh.slice(0, 5) : QUALITIES.triad;
  // An augmented triad is the same in every inversion.
  const qualities = of === 'inversion' ? ['major', 'minor'] : family;
  const found = rollChord(dice, {
    ...wide,
    qualities,
    inversions:
      of === 'inversion' ? [0, 1, 2] : of === 'seventh' ? [0] : material.inversions.filter((one) => one < 3),
  });
  const notes = found && chordOnStaff(dice, found.chord, found.clef, 'close', 2);
  return notes && { of, sound: [notes.map(printNote)] };
}
