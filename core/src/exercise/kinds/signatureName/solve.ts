import { TheoryError } from '../../../errors';
import { type Key, type Mode, keyFromSignature, printKey, printedFifths } from '../../../key/key';
import { lineOfFifths } from '../../../pitch/note';
import { rounded } from '../../generating/staffWriting';
import { nameIn } from '../../givenReading';
import type { DifficultyParts } from '../../question';
import type { SignatureNameGiven } from './given';

/** The key of a signature given by its notes: so many sharps, or so many flats. */
export function keyOfSignature(signature: readonly string[], mode: Mode): Key {
  const sharps = signature.map(nameIn).every((note) => lineOfFifths(note) > 5);
  return keyFromSignature(sharps ? signature.length : -signature.length, mode);
}

/** The key that is asked for. Throws TheoryError `request` where no mode is given. */
export function keyAsked({ signature, mode }: SignatureNameGiven): Key {
  if (mode === undefined)
    throw new TheoryError('request', 'mode', 'the question has no “mode”.', 'Give major or minor.');
  return keyOfSignature(signature, mode);
}

export const solveSignatureName = (given: SignatureNameGiven): readonly string[] => [
  printKey(keyAsked(given)),
];

/** How hard a signature is: its accidentals and its mode. */
export const signatureDifficulty = (key: Key): DifficultyParts => ({
  signature: rounded(0.3 + Math.abs(printedFifths(key)) * 0.3),
  ...(key.mode === 'major' ? {} : { mode: key.mode === 'minor' ? 0.4 : 0.9 }),
});
