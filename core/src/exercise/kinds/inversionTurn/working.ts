import { inversionOf, makeChord, stackedNotes } from '../../../chord/chord';
import { inversionWorking, rootShortcuts } from '../../../working/chordWorking';
import type { WorkingStep } from '../../../working/step';
import { chordOfQuality, namesOfNotes } from '../../chordQualities';
import type { InversionTurnGiven } from './given';
import { turnedChord } from './solve';

/** The chord stacked in thirds, the note that comes to lie lowest, and the notes in their new order. */
export function workingInversionTurn(given: InversionTurnGiven): readonly WorkingStep[] {
  const notes = turnedChord(given);
  const name = namesOfNotes(notes)[0];
  const chord = name && chordOfQuality(name.root, name.quality);
  if (!chord || inversionOf(chord) === null) return [];
  const lowest = stackedNotes(chord)[name.inversion];
  const inverted = makeChord(chord.root, chord.members, lowest);
  return [
    { step: 'restack', notes: stackedNotes(chord), root: chord.root },
    ...inversionWorking(inverted, null),
    { step: 'notes-are', notes },
    ...(given.also ? rootShortcuts(inverted).filter(({ step }) => step === 'above-gap') : []),
  ];
}
