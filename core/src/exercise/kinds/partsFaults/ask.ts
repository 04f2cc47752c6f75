import { TheoryError } from '../../../errors';
import { printKey } from '../../../key/key';
import { chordOfNumeral } from '../../../label/numeral';
import { numeralsForNotes } from '../../../label/numeralsFor';
import type { Note } from '../../../pitch/note';
import { parseNote } from '../../../pitch/parse';
import { printNote } from '../../../pitch/print';
import { checkSetting } from '../../../voicing/check';
import type { FourNotes } from '../../../voicing/fourPart';
import type { Fault } from '../../../voicing/rules';
import { numeralWorking } from '../../../working/numeralWorking';
import type { Dice } from '../../ask/dice';
import { keyIn } from '../../ask/given';
import { rising, rounded, writingDifficulty } from '../../ask/onStaff';
import type { Asking, Given } from '../../ask/question';
import { cleanSetting } from '../partsComplete/setting';
import { rollLine } from '../progressionLabel/line';

const MOST_FAULTS = 2;
const TRIES = 12;

/** The four voices of each chord, from the soprano down. Throws TheoryError `request` where there are none. */
export function voicesIn(given: Given): FourNotes[] {
  const voices = given['voices'];
  const isSetting = (one: unknown) =>
    Array.isArray(one) && one.length === 4 && one.every((text) => typeof text === 'string');
  if (!Array.isArray(voices) || !voices.every(isSetting))
    throw new TheoryError(
      'request',
      'voices',
      'the question has no such field.',
      'Give the question as it was asked.',
    );
  return (voices as string[][]).map((own) => own.map((text) => parseNote(text)) as unknown as FourNotes);
}

/** Faults as they are answered: the chord counted from 1, the rule, and the voices. */
const faultsIn = (given: Given): Fault[] => checkSetting(voicesIn(given), keyIn(given));

/** One voice of one chord on another note of it: what a pupil might have written. */
function slipped(dice: Dice, voices: readonly FourNotes[]): FourNotes[] {
  const at = dice.between(1, voices.length - 1);
  const voice = dice.between(0, 2);
  const own = voices[at]!;
  const note: Note = { ...dice.pick(own), octave: own[voice]!.octave + dice.between(-1, 1) };
  return voices.map((chord, index) =>
    index === at
      ? (chord.map((old, place) => (place === voice ? note : old)) as unknown as FourNotes)
      : chord,
  );
}

/** Four voices with a fault or two that somebody made; they are found. */
export const ASK_PARTS_FAULTS: Asking = {
  id: 'parts-faults',
  takes: ['keys', 'length'],
  usual: { length: 5 },
  roll(dice, material) {
    const key = dice.pick(material.keys);
    if (key.mode !== 'major' && key.mode !== 'minor') return null;
    const line = rollLine(dice, key.mode, material.length, () => true);
    if (!line) return null;
    const clean = cleanSetting(key, line);
    if (!clean) return null;
    for (let tries = 0; tries < TRIES; tries++) {
      const voices = slipped(dice, clean);
      const given = { clef: 'grand', key: printKey(key), voices: voices.map((own) => own.map(printNote)) };
      const faults = faultsIn(given);
      // Too many faults in one place would be argued about.
      if (faults.length >= 1 && faults.length <= MOST_FAULTS) return given;
    }
    return null;
  },
  answers: (given) => [faultsIn(given).map(({ at, rule, voices }) => ({ at: at + 1, rule, voices }))],
  difficulty: (given) => ({
    voices: rounded(0.3 * voicesIn(given).length),
    faults: 0.6 * faultsIn(given).length,
    ...writingDifficulty(keyIn(given), voicesIn(given).flat()),
  }),
  steps(given) {
    const key = keyIn(given);
    return voicesIn(given).flatMap((own) => {
      const { numeral } = numeralsForNotes(rising(own), key)[0]!;
      return numeralWorking(numeral, chordOfNumeral(numeral, key), key).slice(-1);
    });
  },
};
