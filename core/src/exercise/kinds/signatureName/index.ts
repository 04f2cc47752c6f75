import { keyBySignatureWorking } from '../../../working/keyWorking';
import { KEY_ANSWER } from '../../answers/keyAnswer';
import type { ExerciseKind } from '../../exerciseKind';
import { generateSignatureName } from './generate';
import { SIGNATURE_NAME_FIELDS, type SignatureNameGiven } from './given';
import { layoutSignatureName } from './layout';
import { SIGNATURE_NAME_MISTAKES } from './mistakes';
import { keyAsked, signatureDifficulty, solveSignatureName } from './solve';

/** A signature and a mode; the key is named. */
export const SIGNATURE_NAME: ExerciseKind<SignatureNameGiven, string> = {
  id: 'signature-name',
  materialFields: ['keys', 'clefs'],
  defaults: {},
  fields: SIGNATURE_NAME_FIELDS,
  answer: KEY_ANSWER,
  generate: generateSignatureName,
  solve: solveSignatureName,
  difficulty: (given) => signatureDifficulty(keyAsked(given)),
  same: (given) => [given.signature, given.mode],
  layout: layoutSignatureName,
  working: (given) => keyBySignatureWorking(keyAsked(given)),
  mistakes: SIGNATURE_NAME_MISTAKES,
};
