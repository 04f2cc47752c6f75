import { printKey } from '../../../key/key';
import { scaleOf, type ScaleForm } from '../../../key/scale';
import { printNoteName } from '../../../pitch/print';
import { keyWorking } from '../../../working/keyWorking';
import { keyIn, textIn } from '../../ask/given';
import { writingDifficulty } from '../../ask/onStaff';
import type { Asking, Given } from '../../ask/question';

const scale = (given: Given) => scaleOf(keyIn(given), textIn(given, 'form') as ScaleForm);

/** A key and a form of its scale; the seven notes are written upward from the tonic. */
export const ASK_SCALE_WRITE: Asking = {
  id: 'scale-write',
  takes: ['keys', 'clefs', 'forms'],
  usual: { forms: ['natural', 'harmonic', 'melodic'] },
  same: (given) => [given['key'], given['form']],
  roll(dice, material) {
    const key = dice.pick(material.keys);
    // Only minor has forms.
    const form = key.mode === 'minor' ? dice.pick(material.forms) : 'natural';
    return { clef: dice.pick(material.clefs), key: printKey(key), form };
  },
  answers: (given) => [scale(given).map(printNoteName)],
  difficulty: (given) => ({
    scale: textIn(given, 'form') === 'natural' ? 0.6 : textIn(given, 'form') === 'harmonic' ? 0.9 : 1.1,
    ...writingDifficulty(keyIn(given), scale(given)),
  }),
  steps: (given) => keyWorking(keyIn(given)),
};
