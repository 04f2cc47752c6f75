import { inversionOf, makeChord, stackedNotes } from '../../../chord/chord';
import { inversionWorking, rootShortcuts } from '../../../working/chordWorking';
import type { WorkingStep } from '../../../working/step';
import { chordOfQuality, namesOfNotes } from '../../chordQualities';
import type { InversionTurnGiven } from './given';
import { turnedChord } from './solve';

export function workingInversionTurn(given: InversionTurnGiven): readonly WorkingStep[] {
  const notes = turnedChord(given);
  const name = namesOfNotes(notes)[0];
  const chord = name && chordOfQuality(name.root, name.quality);
  if (!chord || inversionOf(chord) === null) return [];
  const lowest = stackedNotes(chord)[name.inversion];
  const inverted = makeChord(chord.root, chord.members, lowest);
  return [
    ...inversionWorking(inverted, null),
    ...(given.also ? rootShortcuts(inverted).filter(({ step }) => step === 'above-gap') : []),
  ];
}
