import { printedFifths } from '../../../key/key';
import { notesIn } from '../../givenReading';
import { type QuestionLayout, onStaves } from '../../layout/questionLayout';
import { notesOnStaff } from '../../layout/staffLayout';
import { keyOfSignature } from '../signatureName/solve';
import type { KeyFindGiven } from './given';

/** The line under its signature, and the keys that are chosen from. */
export const layoutKeyFind = (given: KeyFindGiven): QuestionLayout => {
  const { signature = [], mode = 'major' } = given;
  const fifths = printedFifths(keyOfSignature(signature, mode));
  return onStaves(notesOnStaff(given, given.chords.map(notesIn), { fifths }), {
    say: 'keys',
    keys: given.candidates,
  });
};
