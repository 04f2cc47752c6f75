import { makeChord } from '../../../chord/chord';
import { nameChordWorking } from '../../../working/chordWorking';
import { numeralWorking } from '../../../working/numeralWorking';
import type { WorkingStep } from '../../../working/step';
import { keyIn, notesIn, rising } from '../../givenReading';
import type { NumeralLabelGiven } from './given';
import { likeliestNumeral } from './solve';

/** The chord is named from its notes, and then its numeral. */
export function workingNumeralLabel(given: NumeralLabelGiven): readonly WorkingStep[] {
  const notes = rising(notesIn(given.notes));
  const { numeral, chord } = likeliestNumeral(given);
  const bare = makeChord(chord.root, chord.members, chord.bass);
  const inKey = numeralWorking(numeral, chord, keyIn(given));
  // The inversion is said once, with the figures of the key.
  const turned = inKey.some(({ step }) => step === 'lowest');
  const ofNotes = nameChordWorking(notes, bare, keyIn(given));
  return [...ofNotes.filter(({ step }) => step !== 'lowest' || !turned), ...inKey];
}
