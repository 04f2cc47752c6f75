import { printKey } from '../../../key/key';
import type { Note } from '../../../pitch/note';
import type { FourNotes } from '../../../voicing/fourPart';
import { cleanVoicing, printVoices } from '../../fourVoices';
import { Dice } from '../../generating/dice';
import type { Material } from '../../generating/material';
import { rollLine } from '../../generating/rollLine';
import type { PartsFaultsGiven } from './given';
import { faultsOf } from './solve';

const MOST_FAULTS = 2;
const TRIES = 12;

/** One voice of one chord on another note of it: what a pupil might have written. */
function slipped(dice: Dice, voices: readonly FourNotes[]): FourNotes[] {
  const at = dice.between(1, voices.length - 1);
  const voice = dice.between(0, 2);
  const own = voices[at]!;
  const note: Note = { ...dice.pick(own), octave: own[voice]!.octave + dice.between(-1, 1) };
  return voices.map((chord, index) =>
    index === at
      ? (chord.map((old, place) => (place === voice ? note : old)) as unknown as FourNotes)
      : chord,
  );
}

/** A clean setting in which one voice slipped. */
export function generatePartsFaults(dice: Dice, material: Material): PartsFaultsGiven | null {
  const key = dice.pick(material.keys);
  if (key.mode !== 'major' && key.mode !== 'minor') return null;
  const line = rollLine(dice, key.mode, material.length, () => true);
  if (!line) return null;
  const clean = cleanVoicing(key, line);
  if (!clean) return null;
  for (let tries = 0; tries < TRIES; tries++) {
    const given = {
      clef: 'grand',
      key: printKey(key),
      voices: printVoices(slipped(dice, clean)),
    } as const;
    const faults = faultsOf(given);
    // Too many faults in one place would be argued about.
    if (faults.length >= 1 && faults.length <= MOST_FAULTS) return given;
  }
  return null;
}
