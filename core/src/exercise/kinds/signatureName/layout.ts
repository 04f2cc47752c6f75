import { printedFifths } from '../../../key/key';
import { type QuestionLayout, onStaves } from '../../layout/questionLayout';
import { notesOnStaff } from '../../layout/staffLayout';
import type { SignatureNameGiven } from './given';
import { keyOfSignature } from './solve';

/** The signature alone on its staff; nobody may say which key it is. */
export const layoutSignatureName = (given: SignatureNameGiven): QuestionLayout => {
  const fifths = printedFifths(keyOfSignature(given.signature, given.mode ?? 'major'));
  const { mode } = given;
  return onStaves(
    notesOnStaff(given, [], { fifths }),
    mode === undefined ? null : { say: 'mode', mode },
    true,
  );
};
