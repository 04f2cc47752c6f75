import { signatureNotes } from '../../../key/scale';
import { signatureWorking } from '../../../working/keyWorking';
import type { WorkingStep } from '../../../working/step';
import { keyIn } from '../../givenReading';
import type { SignatureWriteGiven } from './given';

/** How the signature is found, and its signs in their order. */
export function workingSignatureWrite(given: SignatureWriteGiven): readonly WorkingStep[] {
  const key = keyIn(given);
  return [...signatureWorking(key), { step: 'signature-is', key, notes: signatureNotes(key) }];
}
