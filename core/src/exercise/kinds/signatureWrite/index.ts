import type { ExerciseKind } from '../../exerciseKind';
import { keyIn } from '../../givenReading';
import { signatureDifficulty } from '../signatureName/solve';
import { SIGNATURE_ANSWER } from './answer';
import { generateSignatureWrite } from './generate';
import { SIGNATURE_WRITE_FIELDS, type SignatureWriteGiven } from './given';
import { layoutSignatureWrite } from './layout';
import { SIGNATURE_WRITE_MISTAKES } from './mistakes';
import { solveSignatureWrite } from './solve';
import { workingSignatureWrite } from './working';

/** A key; its signature is written, in the order of the signs. */
export const SIGNATURE_WRITE: ExerciseKind<SignatureWriteGiven, readonly string[]> = {
  id: 'signature-write',
  materialFields: ['keys', 'clefs'],
  defaults: {},
  fields: SIGNATURE_WRITE_FIELDS,
  answer: SIGNATURE_ANSWER,
  generate: generateSignatureWrite,
  solve: solveSignatureWrite,
  difficulty: (given) => signatureDifficulty(keyIn(given)),
  same: (given) => given.key,
  layout: layoutSignatureWrite,
  working: workingSignatureWrite,
  mistakes: SIGNATURE_WRITE_MISTAKES,
  played: { as: 'row', octaves: false },
};
