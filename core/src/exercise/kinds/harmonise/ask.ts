import { attempt } from '../../../errors';
import { printKey, type Key } from '../../../key/key';
import { parseNumeral } from '../../../label/numeralParse';
import { printNumeral } from '../../../label/numeralPrint';
import { printNote } from '../../../pitch/print';
import { chordSequences } from '../../../voicing/harmonise';
import { chordOfNumeral, type Numeral } from '../../../label/numeral';
import { numeralWorking } from '../../../working/numeralWorking';
import { keyIn, notesIn, textsIn } from '../../ask/given';
import { rounded, writingDifficulty } from '../../ask/onStaff';
import type { Asking, Given } from '../../ask/question';
import { isUntaught } from '../numeralLabel/numerals';
import { cleanSetting } from '../partsComplete/setting';
import { rollLine } from '../progressionLabel/line';

/** The chords a class is taught first, unless the material names others (common practice). */
const TAUGHT = { major: ['I', 'ii', 'IV', 'V', 'V7', 'vi'], minor: ['i', 'iio6', 'iv', 'V', 'V7', 'VI'] };

/** So many ways are given as right; others are marked by the chords and the cadence. */
const MOST_WAYS = 6;

const numeralsIn = (given: Given, key: Key) =>
  textsIn(given, 'numerals').map((text) => parseNumeral(text, key));

/** The usual ways to harmonise the melody with these chords, the best first: no note passes. */
function ways(given: Given): (readonly Numeral[])[] {
  const key = keyIn(given);
  const numerals = numeralsIn(given, key);
  return chordSequences({ key, voice: 'melody', notes: notesIn(given), numerals }).slice(0, MOST_WAYS);
}

/** A tune moves: three different notes at least, and none three times on end. */
function isTune(notes: readonly string[]): boolean {
  const held = notes.some((note, at) => at > 1 && note === notes[at - 1] && note === notes[at - 2]);
  return !held && new Set(notes).size >= Math.min(3, notes.length);
}

/** A melody and the chords that were taught; a chord is written under each note. */
export const ASK_HARMONISE: Asking = {
  id: 'harmonise',
  takes: ['keys', 'length', 'numerals', 'untaught'],
  usual: { length: 6 },
  roll(dice, material) {
    const key = dice.pick(material.keys);
    if (key.mode !== 'major' && key.mode !== 'minor') return null;
    const named = material.numerals.filter((text) => attempt(() => parseNumeral(text, key)).ok);
    const numerals = (named.length > 0 ? named : TAUGHT[key.mode]).filter(
      (one) => !isUntaught(one, material),
    );
    const line = rollLine(dice, key.mode, material.length, (one) => numerals.includes(one));
    const voices = line && line.every((one) => numerals.includes(one)) && cleanSetting(key, line);
    if (!voices) return null;
    const notes = voices.map(([soprano]) => printNote(soprano));
    const given = { clef: 'treble', key: printKey(key), notes, numerals };
    return isTune(notes) && ways(given).length > 0 ? given : null;
  },
  answers(given) {
    const key = keyIn(given);
    return ways(given).map((numerals) => numerals.map((one) => printNumeral(one, key)));
  },
  difficulty: (given) => ({
    melody: rounded(0.3 * notesIn(given).length),
    choice: rounded(0.1 * textsIn(given, 'numerals').length),
    ...writingDifficulty(keyIn(given), notesIn(given)),
  }),
  steps(given) {
    const key = keyIn(given);
    return ways(given)
      .slice(0, 1)
      .flatMap((numerals) =>
        numerals.flatMap((one) => numeralWorking(one, chordOfNumeral(one, key), key).slice(-1)),
      );
  },
};
