import { makeChord, notesFromBass, stackedNotes } from '../../../chord/chord';
import { TheoryError } from '../../../errors';
import { parseNoteName } from '../../../pitch/parse';
import { printNoteName } from '../../../pitch/print';
import { formulaWorking, halfStepsWorking, inversionWorking } from '../../../working/chordWorking';
import { keyIn, numberIn, textIn } from '../../ask/given';
import { staffGiven, writingDifficulty } from '../../ask/onStaff';
import type { Asking, Given } from '../../ask/question';
import { chordDifficulty, INVERSIONS_OF, rollChord } from '../chordName/ask';
import { chordOfQuality, QUALITIES, type Family } from '../chordName/qualities';

function wanted(given: Given) {
  const quality = textIn(given, 'quality');
  const chord = chordOfQuality(parseNoteName(textIn(given, 'root')), quality);
  const lowest = chord && stackedNotes(chord)[numberIn(given, 'inversion')];
  if (!chord || !lowest)
    throw new TheoryError(
      'request',
      `${quality} ${String(given['inversion'])}`,
      'there is no such chord.',
      'Give a quality and an inversion of its kind.',
    );
  return makeChord(chord.root, chord.members, lowest);
}

/** A root, a quality and an inversion; the notes are written from the lowest up. */
function building(id: string, family: Family): Asking {
  return {
    id,
    takes: ['keys', 'clefs', 'qualities', 'inversions', 'accidentals'],
    usual: { qualities: QUALITIES[family], inversions: INVERSIONS_OF[family] },
    qualities: QUALITIES[family],
    inversions: INVERSIONS_OF[family],
    same: (given) => [given['root'], given['quality'], given['inversion']],
    roll(dice, material) {
      const found = rollChord(dice, material);
      if (!found) return null;
      const { clef, key, chord, quality, inversion } = found;
      return { ...staffGiven(clef, key), root: printNoteName(chord.root), quality, inversion };
    },
    answers: (given) => [notesFromBass(wanted(given)).map(printNoteName)],
    difficulty: (given) => {
      const notes = stackedNotes(wanted(given));
      return {
        ...chordDifficulty(textIn(given, 'quality'), numberIn(given, 'inversion'), notes.length),
        ...writingDifficulty(keyIn(given), notes),
      };
    },
    steps: (given, ways = {}) => [
      ...(ways.chords === 'half-steps' ? halfStepsWorking : formulaWorking)(wanted(given)),
      ...inversionWorking(wanted(given), null),
    ],
  };
}

export const ASK_TRIAD_BUILD = building('triad-build', 'triad');
export const ASK_SEVENTH_BUILD = building('seventh-build', 'seventh');
export const ASK_EXTENDED_BUILD = building('extended-build', 'extended');
