import { TheoryError } from '../../../errors';
import { printKey } from '../../../key/key';
import { chordOfNumeral } from '../../../label/numeral';
import { parseNumeral } from '../../../label/numeralParse';
import { numeralWorking } from '../../../working/numeralWorking';
import { keyIn, textIn } from '../../ask/given';
import { rounded, writingDifficulty } from '../../ask/onStaff';
import type { Asking, Given } from '../../ask/question';
import { ENDS } from '../cadenceName/ends';

/** Every pair of numerals that makes the cadence. */
function pairs(given: Given): string[][] {
  const { mode } = keyIn(given);
  const cadence = textIn(given, 'cadence');
  const ends = Object.hasOwn(ENDS, cadence) ? ENDS[cadence] : undefined;
  if (!ends || (mode !== 'major' && mode !== 'minor'))
    throw new TheoryError(
      'request',
      textIn(given, 'cadence'),
      'there is no such cadence.',
      'Give for example half.',
    );
  return ends[mode].map((pair) => pair.split(' '));
}

const chordsOf = (given: Given, pair: readonly string[]) =>
  pair.map((text) => {
    const numeral = parseNumeral(text, keyIn(given));
    return { numeral, chord: chordOfNumeral(numeral, keyIn(given)) };
  });

/** A cadence in a key; the numerals of its two chords are written: every usual pair is right. */
export const ASK_CADENCE_WRITE: Asking = {
  id: 'cadence-write',
  takes: ['keys', 'cadences'],
  usual: {},
  roll(dice, material) {
    const key = dice.pick(material.keys);
    if (key.mode !== 'major' && key.mode !== 'minor') return null;
    return { key: printKey(key), cadence: dice.pick(material.cadences) };
  },
  answers: pairs,
  difficulty: (given) => ({
    cadence: ['authentic', 'half'].includes(textIn(given, 'cadence')) ? 0.6 : 0.9,
    signature: rounded(writingDifficulty(keyIn(given), [])['signature'] ?? 0),
  }),
  steps: (given) =>
    chordsOf(given, pairs(given)[0]!).flatMap(({ numeral, chord }) =>
      numeralWorking(numeral, chord, keyIn(given)),
    ),
};
