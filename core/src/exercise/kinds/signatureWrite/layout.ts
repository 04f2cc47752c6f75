import { type QuestionLayout, onStaves } from '../../layout/questionLayout';
import { notesOnStaff } from '../../layout/staffLayout';
import type { SignatureWriteGiven } from './given';

/** A bare staff: the signature is written on it. */
export const layoutSignatureWrite = (given: SignatureWriteGiven): QuestionLayout =>
  onStaves(notesOnStaff(given, [], { written: true, fifths: 0 }), { say: 'key', key: given.key });
