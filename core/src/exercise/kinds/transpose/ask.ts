import { parseInterval, printInterval, transpose, type Interval } from '../../../interval/interval';
import { printedFifths } from '../../../key/key';
import { atPosition, type Clef } from '../../../key/scale';
import type { Note } from '../../../pitch/note';
import { printNote } from '../../../pitch/print';
import { buildIntervalWorking } from '../../../working/intervalWorking';
import { keyIn, notesIn, textIn } from '../../ask/given';
import { isOnStaff, ledgerDifficulty, staffGiven, staffRange, writingDifficulty } from '../../ask/onStaff';
import type { Asking, Given } from '../../ask/question';

const STEPS = [-2, -1, -1, 1, 1, 2, 3];

function moved(given: Given): Note[] {
  const by = parseInterval(textIn(given, 'by'));
  return notesIn(given).map((note) => transpose(note, by, given['below'] === true));
}

/** A few notes of a key; they are written an interval higher or lower. */
export const ASK_TRANSPOSE: Asking = {
  id: 'transpose',
  takes: ['keys', 'clefs', 'intervals', 'length', 'ledgerLines'],
  usual: { intervals: ['m2', 'M2', 'm3', 'M3', 'P4', 'P5'], ledgerLines: 2 },
  roll(dice, material) {
    const [clef, key] = [dice.pick(material.clefs), dice.pick(material.keys)];
    const by: Interval = dice.pick(material.intervals);
    const below = dice.chance(50);
    const { low, high } = staffRange(clef, 0);
    let place = dice.between(low, high);
    const notes: Note[] = [];
    for (let at = 0; at < material.length; at++) {
      notes.push(atPosition(place, printedFifths(key)));
      place += dice.pick(STEPS);
    }
    const given = { ...staffGiven(clef, key), notes: notes.map(printNote), by: printInterval(by), below };
    const fits = (note: Note) => isOnStaff(note, clef, material.ledgerLines) && Math.abs(note.alteration) < 2;
    return notes.every(fits) && moved(given).every(fits) ? given : null;
  },
  answers: (given) => [moved(given).map(printNote)],
  difficulty: (given) => ({
    interval: ['m2', 'M2', 'P8'].includes(textIn(given, 'by')) ? 0.6 : 1,
    notes: 0.1 * notesIn(given).length,
    ...(given['below'] === true ? { below: 0.3 } : {}),
    ...writingDifficulty(keyIn(given), moved(given)),
    ...ledgerDifficulty(moved(given), textIn(given, 'clef') as Clef),
  }),
  steps: (given) => {
    const [first] = notesIn(given);
    return buildIntervalWorking(first!, parseInterval(textIn(given, 'by')), given['below'] === true);
  },
};
