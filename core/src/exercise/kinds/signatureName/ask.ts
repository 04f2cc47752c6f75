import { keyFromSignature, printedFifths, printKey, type Mode } from '../../../key/key';
import { signatureNotes } from '../../../key/scale';
import { lineOfFifths } from '../../../pitch/note';
import { printNoteName } from '../../../pitch/print';
import { keyWorking } from '../../../working/keyWorking';
import { namesIn, textIn } from '../../ask/given';
import { rounded } from '../../ask/onStaff';
import type { Asking, Given } from '../../ask/question';

/** The key of a signature given by its notes: so many sharps, or so many flats. */
function keyOf(given: Given) {
  const notes = namesIn(given, 'signature');
  const sharps = notes.every((note) => lineOfFifths(note) > 5);
  return keyFromSignature(sharps ? notes.length : -notes.length, textIn(given, 'mode') as Mode);
}

/** A signature and a mode; the key is named. */
export const ASK_SIGNATURE_NAME: Asking = {
  id: 'signature-name',
  takes: ['keys', 'clefs'],
  usual: {},
  same: (given) => [given['signature'], given['mode']],
  roll(dice, material) {
    const key = dice.pick(material.keys);
    return {
      clef: dice.pick(material.clefs),
      signature: signatureNotes(key).map(printNoteName),
      mode: key.mode,
    };
  },
  answers: (given) => [printKey(keyOf(given))],
  difficulty(given) {
    const key = keyOf(given);
    return {
      signature: rounded(0.3 + Math.abs(printedFifths(key)) * 0.3),
      ...(key.mode === 'major' ? {} : { mode: key.mode === 'minor' ? 0.4 : 0.9 }),
    };
  },
  steps: (given) => keyWorking(keyOf(given)),
};
