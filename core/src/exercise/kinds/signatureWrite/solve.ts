import { signatureNotes } from '../../../key/scale';
import { printNoteName } from '../../../pitch/print';
import { keyIn } from '../../givenReading';
import type { SignatureWriteGiven } from './given';

/** The accidentals in their order. */
export const solveSignatureWrite = (given: SignatureWriteGiven): readonly (readonly string[])[] => [
  signatureNotes(keyIn(given)).map(printNoteName),
];
