import { parseKey, printedFifths } from '../../../key/key';
import { signatureAlteration, type Clef } from '../../../key/scale';
import { parseNote } from '../../../pitch/parse';
import { printNote } from '../../../pitch/print';
import { keyWorking } from '../../../working/keyWorking';
import type { Dice } from '../../ask/dice';
import { keyIn, noteIn, textIn, textsIn } from '../../ask/given';
import type { Material } from '../../ask/material';
import { isOnStaff, ledgerDifficulty, rollNote, staffGiven, writingDifficulty } from '../../ask/onStaff';
import type { Asking, Given } from '../../ask/question';

/** Notes that stand earlier in the bar; none where nothing is said. */
export const earlierIn = (given: Given) =>
  given['earlier'] === undefined ? [] : textsIn(given, 'earlier').map((text) => parseNote(text));

/** An altered note, and the same letter after it: in its octave the accidental holds, in another it does not. */
function rollInBar(dice: Dice, given: Given, material: Material): Given | null {
  const note = noteIn(given, 'note');
  const plain = signatureAlteration(printedFifths(parseKey(textIn(given, 'key'))), note.step);
  const other = dice.chance(30);
  const altered = { ...note, alteration: plain === 0 ? (dice.chance(50) ? 1 : -1) : 0 };
  const octave = note.octave + (dice.chance(50) ? 1 : -1);
  const asked = other ? { ...note, octave, alteration: plain } : altered;
  if (!isOnStaff(asked, textIn(given, 'clef') as Clef, material.ledgerLines)) return null;
  return { ...given, earlier: [printNote(altered)], note: printNote(asked) };
}

/** A note in a clef under a signature; it is named with its octave. */
export const ASK_NOTE_NAME: Asking = {
  id: 'note-name',
  takes: ['keys', 'clefs', 'accidentals', 'ledgerLines', 'bar'],
  usual: { accidentals: 'signature' },
  roll(dice, material) {
    const [clef, key] = [dice.pick(material.clefs), dice.pick(material.keys)];
    const note = rollNote(dice, clef, key, material);
    const given = note && { ...staffGiven(clef, key), note: printNote(note) };
    return given && material.bar ? rollInBar(dice, given, material) : given;
  },
  answers: (given) => [printNote(noteIn(given, 'note'))],
  difficulty(given) {
    const note = noteIn(given, 'note');
    const clef = textIn(given, 'clef') as Clef;
    const earlier = earlierIn(given);
    return {
      note: clef === 'treble' || clef === 'bass' ? 0.2 : 0.8,
      ...writingDifficulty(keyIn(given), [note]),
      ...ledgerDifficulty([note], clef),
      ...(earlier.length > 0 ? { bar: 0.5 } : {}),
    };
  },
  steps: (given) => keyWorking(keyIn(given)),
};
