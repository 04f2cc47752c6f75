import { halfSteps } from '../../../interval/interval';
import type { Dice } from '../../generating/dice';
import type { Material } from '../../generating/material';
import { rollInterval } from '../../generating/rollInterval';
import { beatOf } from '../../heard/heardQuestion';
import { cleared, inTime, printed } from '../../heard/timedSound';
import type { HeardIntervalGiven } from './given';

const BEATS = 2;

/** An interval of the material in a clear register; what is only heard lies in no key. */
export function generateHeardInterval(dice: Dice, material: Material): HeardIntervalGiven | null {
  const how = dice.pick(material.how);
  const found = rollInterval(dice, { ...material, accidentals: 'single', chromatic: 'any', ledgerLines: 2 });
  if (!found || halfSteps(found.interval) < 0) return null;
  const clear = cleared([[found.from, found.to]]);
  if (!clear) return null;
  const [[low, high]] = printed(clear) as [[string, string]];
  const moments = how === 'together' ? [[low, high]] : how === 'up' ? [[low], [high]] : [[high], [low]];
  return { how, before: [], sound: inTime(moments, BEATS * beatOf(material)) };
}
