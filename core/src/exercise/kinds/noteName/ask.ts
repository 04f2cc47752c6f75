import type { Clef } from '../../../key/scale';
import { printNote } from '../../../pitch/print';
import { keyWorking } from '../../../working/keyWorking';
import { keyIn, noteIn, textIn } from '../../ask/given';
import { ledgerDifficulty, rollNote, staffGiven, writingDifficulty } from '../../ask/onStaff';
import type { Asking } from '../../ask/question';

/** A note in a clef under a signature; it is named with its octave. */
export const ASK_NOTE_NAME: Asking = {
  id: 'note-name',
  takes: ['keys', 'clefs', 'accidentals', 'ledgerLines'],
  usual: { accidentals: 'signature' },
  roll(dice, material) {
    const [clef, key] = [dice.pick(material.clefs), dice.pick(material.keys)];
    const note = rollNote(dice, clef, key, material);
    return note && { ...staffGiven(clef, key), note: printNote(note) };
  },
  answers: (given) => [printNote(noteIn(given, 'note'))],
  difficulty(given) {
    const note = noteIn(given, 'note');
    const clef = textIn(given, 'clef') as Clef;
    return {
      note: clef === 'treble' || clef === 'bass' ? 0.2 : 0.8,
      ...writingDifficulty(keyIn(given), [note]),
      ...ledgerDifficulty([note], clef),
    };
  },
  steps: (given) => keyWorking(keyIn(given)),
};
