import { printKey } from '../../../key/key';
import { degreeName, degreeOf, scaleOf } from '../../../key/scale';
import { parseNoteName } from '../../../pitch/parse';
import { printNoteName } from '../../../pitch/print';
import { keyWorking } from '../../../working/keyWorking';
import { keyIn, textIn } from '../../ask/given';
import { writingDifficulty } from '../../ask/onStaff';
import type { Asking, Given } from '../../ask/question';

function nameOf(given: Given) {
  const key = keyIn(given);
  const { degree, alteration } = degreeOf(key, parseNoteName(textIn(given, 'note')));
  return degreeName(key, degree, alteration > 0 ? 'harmonic' : 'natural');
}

/** A note of a key; its degree is named: tonic, supertonic, … leading, or subtonic a whole step under the tonic. */
export const ASK_DEGREE_NAME: Asking = {
  id: 'degree-name',
  takes: ['keys', 'forms'],
  usual: { forms: ['natural', 'harmonic'] },
  roll(dice, material) {
    const key = dice.pick(material.keys);
    const form = dice.pick(material.forms);
    return { key: printKey(key), note: printNoteName(dice.pick(scaleOf(key, form))) };
  },
  answers: (given) => [nameOf(given)],
  difficulty: (given) => ({
    degree: ['tonic', 'dominant', 'subdominant'].includes(nameOf(given)) ? 0.3 : 0.6,
    ...writingDifficulty(keyIn(given), [parseNoteName(textIn(given, 'note'))]),
  }),
  steps: (given) => keyWorking(keyIn(given)),
};
