import { numeralsForNotes } from '../../../label/numeralsFor';
import { numeralWorking } from '../../../working/numeralWorking';
import type { WorkingStep } from '../../../working/step';
import { chordsIn } from '../../givenReading';
import type { KeyFindGiven } from './given';
import { keyFound } from './solve';

/** The last two chords in the key that was found. */
export function workingKeyFind(given: KeyFindGiven): readonly WorkingStep[] {
  const key = keyFound(given);
  return chordsIn(given.chords)
    .slice(-2)
    .flatMap((notes) => {
      const { numeral, chord } = numeralsForNotes(notes, key)[0]!;
      return numeralWorking(numeral, chord, key);
    });
}
