import { attempt } from '../../../errors';
import { parseInterval } from '../../../interval/interval';
import { printedFifths } from '../../../key/key';
import { atPosition } from '../../../key/scale';
import { staffPosition } from '../../../pitch/note';
import { printNote } from '../../../pitch/print';
import { keyIn, notesIn } from '../../givenReading';
import { COUNTING_OFF, inWantedInterval } from '../../mistakes/intervals';
import type { Mistake } from '../../mistakes/mistake';
import { accidentalsLeftOut, notesOctaveOff } from '../../mistakes/notes';
import { staffReading } from '../../mistakes/reading';
import { rereadNotes } from '../chordName/mistakes';
import type { TransposeGiven } from './given';

/** The letters are moved, and the old signature stays. */
const withinKey: Mistake<TransposeGiven> = {
  id: 'moved-within-the-key',
  slips(_, given) {
    const by = attempt(() => parseInterval(given.by));
    if (!by.ok) return [];
    const steps = (by.value.number - 1) * (given.below ? -1 : 1);
    const fifths = printedFifths(keyIn(given));
    return [notesIn(given.notes).map((note) => printNote(atPosition(staffPosition(note) + steps, fifths)))];
  },
};

export const TRANSPOSE_MISTAKES: readonly Mistake<TransposeGiven, readonly string[]>[] = [
  ...staffReading<TransposeGiven>(rereadNotes),
  { id: 'wrong-direction', misreads: (given) => [{ ...given, below: !given.below }] },
  ...COUNTING_OFF.map((turn) =>
    inWantedInterval<TransposeGiven>(
      turn,
      ({ by }) => by,
      (given, by) => ({ ...given, by }),
    ),
  ),
  withinKey,
  accidentalsLeftOut,
  notesOctaveOff,
];
