import { otherSpelling } from '../../../key/spellInKey';
import { printNote } from '../../../pitch/print';
import { notesIn, rising } from '../../givenReading';
import { OTHER_KEYS, inGivenKey } from '../../mistakes/keys';
import type { Mistake } from '../../mistakes/mistake';
import { accidentalsLeftOut, notesOctaveOff } from '../../mistakes/notes';
import { staffReading } from '../../mistakes/reading';
import { rereadNotes } from '../chordName/mistakes';
import type { EnharmonicRespellGiven } from './given';

/** Every note under its other name, the right one too. */
const allChanged: Mistake<EnharmonicRespellGiven, readonly string[]> = {
  id: 'all-notes-respelled',
  slips: (_, given) => [rising(notesIn(given.notes)).map((note) => printNote(otherSpelling(note)))],
};

export const ENHARMONIC_RESPELL_MISTAKES: readonly Mistake<EnharmonicRespellGiven, readonly string[]>[] = [
  ...staffReading<EnharmonicRespellGiven>(rereadNotes),
  { id: 'left-as-it-was', slips: (_, given) => [rising(notesIn(given.notes)).map(printNote)] },
  allChanged,
  ...OTHER_KEYS.map((turn) => inGivenKey<EnharmonicRespellGiven>(turn)),
  accidentalsLeftOut,
  notesOctaveOff,
];
