import { keyFromSignature, keyOf, parseKey, printKey, signatureFifths } from '../../../key/key';
import { parseNoteName } from '../../../pitch/parse';
import { OTHER_KEYS, inKeyName, isSharp, keyAside } from '../../mistakes/keys';
import type { Mistake } from '../../mistakes/mistake';
import type { SignatureNameGiven } from './given';

const ofSign = (
  { signature, mode }: SignatureNameGiven,
  pick: (signs: readonly string[]) => string | undefined,
): string[] => {
  const tonic = pick(signature);
  if (tonic === undefined) return [];
  return [printKey(keyOf(parseNoteName(tonic), mode === 'minor' ? 'minor' : 'major'))];
};

export const SIGNATURE_NAME_MISTAKES: readonly Mistake<SignatureNameGiven, string>[] = [
  ...OTHER_KEYS.map(inKeyName),
  {
    id: 'last-sharp-for-tonic',
    slips: (_, given) => ofSign(given, (signs) => signs.filter(isSharp).at(-1)),
  },
  {
    id: 'last-flat-for-tonic',
    slips: (_, given) => ofSign(given, (signs) => (signs.some(isSharp) ? undefined : signs.at(-1))),
  },
  {
    id: 'signature-one-off',
    slips: (right) =>
      [1, -1].flatMap((by) => {
        const key = keyAside(parseKey(right), by);
        return key ? [printKey(key)] : [];
      }),
  },
  {
    id: 'sharps-for-flats',
    slips(right) {
      const key = parseKey(right);
      const fifths = signatureFifths(key);
      return fifths === 0 ? [] : [printKey(keyFromSignature(-fifths, key.mode))];
    },
  },
];
