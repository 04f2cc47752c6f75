import { printKey } from '../../../key/key';
import { chordOfNumeral } from '../../../label/numeral';
import { parseNumeral } from '../../../label/numeralParse';
import { printNote } from '../../../pitch/print';
import { numeralWorking } from '../../../working/numeralWorking';
import { keyIn, textsIn } from '../../ask/given';
import { rounded, writingDifficulty } from '../../ask/onStaff';
import type { Asking } from '../../ask/question';
import { rollTaughtLine } from '../progressionLabel/line';
import { cleanSetting, fixedVoices, settingAnswers } from './setting';

/** Outer voices with their numerals, or the bass alone; the other voices are written. */
export const ASK_PARTS_COMPLETE: Asking = {
  id: 'parts-complete',
  takes: ['keys', 'length', 'voices', 'untaught'],
  usual: { length: 5 },
  roll(dice, material) {
    const rolled = rollTaughtLine(dice, material);
    const voices = rolled && cleanSetting(rolled.key, rolled.line);
    if (!voices) return null;
    const { key, line } = rolled;
    const outer = dice.pick(material.voices) === 'outer';
    const fixed = voices.map(([soprano, , , bass]) => [
      outer ? printNote(soprano) : null,
      null,
      null,
      printNote(bass),
    ]);
    return { clef: 'grand', key: printKey(key), numerals: line, voices: fixed };
  },
  answers(given) {
    return settingAnswers(cleanSetting(keyIn(given), textsIn(given, 'numerals'), fixedVoices(given)));
  },
  difficulty(given) {
    const voices = fixedVoices(given);
    const sounding = voices.flat().filter((note) => note !== null);
    return {
      voices: rounded(0.15 * (4 * voices.length - sounding.length)),
      ...writingDifficulty(keyIn(given), sounding),
    };
  },
  steps(given) {
    const key = keyIn(given);
    return textsIn(given, 'numerals').flatMap((text) => {
      const numeral = parseNumeral(text, key);
      return numeralWorking(numeral, chordOfNumeral(numeral, key), key).slice(-1);
    });
  },
};
