import { turnedUp } from '../../../chord/turn';
import { midiNumber } from '../../../pitch/note';
import { printNote, printNoteName } from '../../../pitch/print';
import { notesIn, rising } from '../../givenReading';
import type { Mistake } from '../../mistakes/mistake';
import { accidentalsLeftOut, notesOctaveOff } from '../../mistakes/notes';
import { staffReading } from '../../mistakes/reading';
import { rereadNotes } from '../chordName/mistakes';
import type { InversionTurnGiven } from './given';

const turnedDown: Mistake<InversionTurnGiven> = {
  id: 'wrong-direction',
  slips(_, given) {
    const notes = rising(notesIn(given.notes));
    const highest = notes.at(-1)!;
    let under = { ...highest, octave: highest.octave - 1 };
    while (midiNumber(under) > midiNumber(notes[0]!)) under = { ...under, octave: under.octave - 1 };
    return [[under, ...notes.slice(0, -1)].map((note) => `${printNoteName(note)}${note.octave}`)];
  },
};

export const INVERSION_TURN_MISTAKES: readonly Mistake<InversionTurnGiven, readonly string[]>[] = [
  ...staffReading<InversionTurnGiven>(rereadNotes),
  { id: 'not-turned', slips: (_, given) => [given.notes] },
  turnedDown,
  { id: 'inversion-off-by-one', slips: (right) => [turnedUp(notesIn(right)).map(printNote)] },
  accidentalsLeftOut,
  notesOctaveOff,
];
