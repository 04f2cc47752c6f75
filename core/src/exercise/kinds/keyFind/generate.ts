import { keyFromSignature, printKey, printedFifths } from '../../../key/key';
import { signatureNotes } from '../../../key/scale';
import { printNoteName } from '../../../pitch/print';
import { chordLine } from '../../chordLine';
import { Dice } from '../../generating/dice';
import type { Material } from '../../generating/material';
import type { KeyFindGiven } from './given';
import { keyFound } from './solve';

/** Lines that end with the cadence of their key and begin elsewhere (common practice). */
const LINES: Readonly<Record<'major' | 'minor', readonly string[]>> = {
  major: ['vi ii V I', 'IV ii6 V7 I', 'vi IV V I', 'ii6 V vi IV V7 I', 'IV V6 I ii6 V I'],
  minor: ['VI iv V i', 'iv iio6 V7 i', 'VI iio6 V i', 'iv V VI iv V7 i', 'iv V6 i iio6 V i'],
};

/** A line under a signature, with the two keys that the signature allows. */
export function generateKeyFind(dice: Dice, material: Material): KeyFindGiven | null {
  const key = dice.pick(material.keys);
  if (key.mode !== 'major' && key.mode !== 'minor') return null;
  const line = chordLine(key, dice.pick(LINES[key.mode]).split(' '));
  if (!line) return null;
  const fifths = printedFifths(key);
  const given = {
    clef: 'grand',
    signature: signatureNotes(key).map(printNoteName),
    mode: 'major',
    candidates: [keyFromSignature(fifths, 'major'), keyFromSignature(fifths, 'minor')].map(printKey),
    chords: line.chords,
  } as const;
  return printKey(keyFound(given)) === printKey(key) ? given : null;
}
