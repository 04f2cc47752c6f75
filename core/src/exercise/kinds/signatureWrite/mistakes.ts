import { keyFromSignature } from '../../../key/key';
import { signatureNotes } from '../../../key/scale';
import { printNoteName } from '../../../pitch/print';
import { enharmonicSlip } from '../../mistakes/chords';
import { OTHER_KEYS, inGivenKey, isSharp } from '../../mistakes/keys';
import type { Mistake } from '../../mistakes/mistake';
import type { SignatureWriteGiven } from './given';

const fifthsOf = (signs: readonly string[]) => signs.length * (signs.every(isSharp) ? 1 : -1);
const signsOf = (fifths: number) => signatureNotes(keyFromSignature(fifths, 'major')).map(printNoteName);

export const SIGNATURE_WRITE_MISTAKES: readonly Mistake<SignatureWriteGiven, readonly string[]>[] = [
  enharmonicSlip,
  ...OTHER_KEYS.map((turn) => inGivenKey<SignatureWriteGiven>(turn)),
  {
    id: 'signature-one-off',
    slips(right) {
      const fifths = fifthsOf(right);
      const more = [fifths + Math.sign(fifths || 1), fifths - Math.sign(fifths || 1)];
      return more.filter((one) => Math.abs(one) <= 7).map(signsOf);
    },
  },
  {
    id: 'sharps-for-flats',
    slips: (right) => (fifthsOf(right) === 0 ? [] : [signsOf(-fifthsOf(right))]),
  },
  {
    id: 'signature-order',
    slips(right) {
      const swapped = right.slice(1).map((_, at) => {
        const next = [...right];
        [next[at], next[at + 1]] = [next[at + 1]!, next[at]!];
        return next;
      });
      return [[...right].reverse(), ...swapped];
    },
  },
];
