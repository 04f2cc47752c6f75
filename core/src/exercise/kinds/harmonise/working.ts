import { memberNote } from '../../../chord/chord';
import type { ContextReading } from '../../../context/chordIn';
import { chordOfNumeral } from '../../../label/numeral';
import { sameName } from '../../../pitch/note';
import type { WorkingStep } from '../../../working/step';
import { cadenceWorking } from '../../cadenceWorking';
import { keyIn, notesIn } from '../../givenReading';
import type { HarmoniseGiven } from './given';
import { harmonisations } from './solve';

/** Which member of its chord each note of the tune is, and how the phrase closes, in the best way. */
export function workingHarmonise(given: HarmoniseGiven): readonly WorkingStep[] {
  const key = keyIn(given);
  const notes = notesIn(given.notes);
  const line = (harmonisations(given)[0] ?? []).map((numeral): ContextReading => ({
    key,
    numeral,
    chord: chordOfNumeral(numeral, key),
    reason: 'given',
    excess: 0,
  }));
  const members = line.flatMap(({ numeral, chord }, at): WorkingStep[] => {
    const note = notes[at]!;
    const member = chord.members.find((one) => sameName(memberNote(chord.root, one), note));
    return member ? [{ step: 'note-in-chord', at: at + 1, note, member, numeral, key }] : [];
  });
  return [...members, ...cadenceWorking(line)];
}
