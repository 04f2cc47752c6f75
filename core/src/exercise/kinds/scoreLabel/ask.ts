import { printKey } from '../../../key/key';
import { keyIn } from '../../ask/given';
import { rising } from '../../ask/onStaff';
import type { Asking, Given } from '../../ask/question';
import { cleanSetting, printVoices } from '../partsComplete/setting';
import { voicesIn } from '../partsFaults/ask';
import { chordsIn } from '../progressionLabel/chords';
import { labellingDifficulty, labellingSteps, labelsOf } from '../progressionLabel/labels';
import { rollTaughtLine } from '../progressionLabel/line';

/** What sounds, from the lowest up: the four voices of a phrase, or the chords of a piece. */
const soundingIn = (given: Given) =>
  given['voices'] === undefined ? chordsIn(given) : voicesIn(given).map((own) => rising(own));

/** A phrase for four voices, or bars of a piece; each chord is labelled. */
export const ASK_SCORE_LABEL: Asking = {
  id: 'score-label',
  takes: ['keys', 'length', 'untaught'],
  usual: { length: 6 },
  roll(dice, material) {
    const rolled = rollTaughtLine(dice, material);
    const voices = rolled && cleanSetting(rolled.key, rolled.line);
    if (!voices) return null;
    const { key, line } = rolled;
    const given = { clef: 'grand', key: printKey(key), voices: printVoices(voices) };
    // A chord that reads first as another would be argued about.
    return labelsOf(soundingIn(given), key).join(' ') === line.join(' ') ? given : null;
  },
  answers: (given) => [labelsOf(soundingIn(given), keyIn(given))],
  difficulty: (given) => labellingDifficulty(soundingIn(given), keyIn(given), 0.3),
  steps: (given) => labellingSteps(soundingIn(given), keyIn(given)),
};
