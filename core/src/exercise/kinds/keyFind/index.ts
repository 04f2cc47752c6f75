import { KEY_ANSWER } from '../../answers/keyAnswer';
import type { ExerciseKind } from '../../exerciseKind';
import { OTHER_KEYS, inKeyName } from '../../mistakes/keys';
import { generateKeyFind } from './generate';
import { KEY_FIND_FIELDS, type KeyFindGiven } from './given';
import { layoutKeyFind } from './layout';
import { keyFindDifficulty, solveKeyFind } from './solve';
import { workingKeyFind } from './working';

/** A line of chords under a signature; its key is one of the two that the signature allows. */
export const KEY_FIND: ExerciseKind<KeyFindGiven, string> = {
  id: 'key-find',
  materialFields: ['keys'],
  defaults: {},
  fields: KEY_FIND_FIELDS,
  answer: KEY_ANSWER,
  generate: generateKeyFind,
  solve: solveKeyFind,
  difficulty: keyFindDifficulty,
  layout: layoutKeyFind,
  working: workingKeyFind,
  mistakes: OTHER_KEYS.map(inKeyName),
  choices: ({ candidates }) => candidates,
};
