import { keyFromSignature, parseKey, printKey, printedFifths, type Key } from '../../../key/key';
import { numeralsForNotes } from '../../../label/numeralsFor';
import { numeralWorking } from '../../../working/numeralWorking';
import { namesIn, textsIn } from '../../ask/given';
import { rounded } from '../../ask/onStaff';
import { lineOfFifths } from '../../../pitch/note';
import type { Asking, Given } from '../../ask/question';
import { signatureNotes } from '../../../key/scale';
import { printNoteName } from '../../../pitch/print';
import { chordsGiven, chordsIn } from '../progressionLabel/chords';

/** Lines that end with the cadence of their key and begin elsewhere (common practice). */
const LINES: Readonly<Record<'major' | 'minor', readonly string[]>> = {
  major: ['vi ii V I', 'IV ii6 V7 I', 'vi IV V I', 'ii6 V vi IV V7 I', 'IV V6 I ii6 V I'],
  minor: ['VI iv V i', 'iv iio6 V7 i', 'VI iio6 V i', 'iv V VI iv V7 i', 'iv V6 i iio6 V i'],
};

/** The key of two that share a signature: that of the last chord, after its dominant. */
function keyOf(given: Given): Key {
  const candidates = textsIn(given, 'candidates').map((text) => parseKey(text));
  const chords = chordsIn(given);
  const cost = (key: Key) => {
    const readings = chords.map((notes) => numeralsForNotes(notes, key)[0]!);
    const last = readings[readings.length - 1]!.numeral;
    const before = readings[readings.length - 2]!.numeral;
    return (
      (last.degree === 1 && before.degree === 5 ? 0 : 10) +
      readings.filter(({ reason }) => reason !== 'diatonic').length
    );
  };
  return candidates.reduce((best, key) => (cost(key) < cost(best) ? key : best));
}

/** A line of chords under a signature; its key is one of the two that the signature allows. */
export const ASK_KEY_FIND: Asking = {
  id: 'key-find',
  takes: ['keys'],
  usual: {},
  roll(dice, material) {
    const key = dice.pick(material.keys);
    if (key.mode !== 'major' && key.mode !== 'minor') return null;
    const line = chordsGiven(key, dice.pick(LINES[key.mode]).split(' '));
    if (!line) return null;
    const fifths = printedFifths(key);
    const given = {
      clef: 'grand',
      signature: signatureNotes(key).map(printNoteName),
      mode: 'major',
      candidates: [keyFromSignature(fifths, 'major'), keyFromSignature(fifths, 'minor')].map(printKey),
      chords: line['chords'],
    };
    return printKey(keyOf(given)) === printKey(key) ? given : null;
  },
  answers: (given) => [printKey(keyOf(given))],
  difficulty: (given) => {
    const signs = namesIn(given, 'signature');
    return {
      line: rounded(0.2 * chordsIn(given).length),
      signature: rounded(signs.length * 0.2),
      ...(keyOf(given).mode === 'minor' ? { mode: 0.4 } : {}),
      accidentals: rounded(
        chordsIn(given)
          .flat()
          .filter((note) => Math.abs(lineOfFifths(note)) > 8).length * 0.1,
      ),
    };
  },
  steps(given) {
    const key = keyOf(given);
    return chordsIn(given)
      .slice(-2)
      .flatMap((notes) => {
        const { numeral, chord } = numeralsForNotes(notes, key)[0]!;
        return numeralWorking(numeral, chord, key);
      });
  },
};
