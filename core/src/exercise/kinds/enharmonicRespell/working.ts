import { printNote } from '../../../pitch/print';
import { signatureWorking } from '../../../working/keyWorking';
import type { WorkingStep } from '../../../working/step';
import { keyIn, notesIn, rising } from '../../givenReading';
import type { EnharmonicRespellGiven } from './given';
import { respelled } from './solve';

/** The scale of the key, in which every letter stands once. */
export const workingEnharmonicRespell = (given: EnharmonicRespellGiven): readonly WorkingStep[] => {
  const written = rising(notesIn(given.notes));
  const right = respelled(given);
  return [
    ...signatureWorking(keyIn(given)),
    ...right.flatMap((note, at): WorkingStep[] =>
      printNote(note) === printNote(written[at]!)
        ? []
        : [{ step: 'respelled', from: written[at]!, to: note, key: keyIn(given) }],
    ),
  ];
};
