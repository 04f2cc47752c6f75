import { printedFifths, printKey } from '../../../key/key';
import { signatureNotes } from '../../../key/scale';
import { printNoteName } from '../../../pitch/print';
import { keyWorking } from '../../../working/keyWorking';
import { keyIn } from '../../ask/given';
import { rounded } from '../../ask/onStaff';
import type { Asking } from '../../ask/question';

/** A key; its signature is written, in the order of the signs. */
export const ASK_SIGNATURE_WRITE: Asking = {
  id: 'signature-write',
  takes: ['keys', 'clefs'],
  usual: {},
  same: (given) => given['key'],
  roll: (dice, material) => ({ clef: dice.pick(material.clefs), key: printKey(dice.pick(material.keys)) }),
  answers: (given) => [signatureNotes(keyIn(given)).map(printNoteName)],
  difficulty(given) {
    const key = keyIn(given);
    return {
      signature: rounded(0.3 + Math.abs(printedFifths(key)) * 0.3),
      ...(key.mode === 'major' ? {} : { mode: key.mode === 'minor' ? 0.4 : 0.9 }),
    };
  },
  steps: (given) => keyWorking(keyIn(given)),
};
