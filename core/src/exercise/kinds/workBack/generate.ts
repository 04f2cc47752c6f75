import { describe } from '../../../chord/describe';
import { attempt } from '../../../errors';
import { printKey } from '../../../key/key';
import { printNumeral } from '../../../label/numeralPrint';
import { Dice } from '../../generating/dice';
import type { Material } from '../../generating/material';
import { isUntaught, numeralsOf } from '../../generating/rollNumeral';
import type { WorkBackGiven } from './given';
import { soughtIn } from './solve';

/** A triad of the key that a dominant can go to. */
export function generateWorkBack(dice: Dice, material: Material): WorkBackGiven | null {
  const key = dice.pick(material.keys);
  if (key.mode !== 'major' && key.mode !== 'minor') return null;
  const targets = numeralsOf(key, { ...material, inversions: [0] })
    .filter(({ numeral, chord }) => {
      const { triad } = describe(chord.members);
      return numeral.members.length === 3 && (triad === 'major' || triad === 'minor');
    })
    .map(({ numeral }) => printNumeral(numeral, key))
    .filter((text) => !isUntaught(text, material));
  if (targets.length === 0) return null;
  const given: WorkBackGiven = {
    key: printKey(key),
    target: dice.pick(targets),
    roles: dice.pick(material.roles) === 'pair' ? ['ii', 'V'] : ['V'],
  };
  return attempt(() => soughtIn(given)).ok ? given : null;
}
