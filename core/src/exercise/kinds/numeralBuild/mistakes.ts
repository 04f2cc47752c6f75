import { keyIn } from '../../givenReading';
import { enharmonicSlip, readFromTheTop } from '../../mistakes/chords';
import {
  LEADING_NOTES,
  OTHER_KEYS,
  inGivenKey,
  signatureAccidentalLeftOut,
  signatureLeftOut,
} from '../../mistakes/keys';
import type { Mistake } from '../../mistakes/mistake';
import { FIRST_TURNS, type NumeralTurn, OTHER_TURNS, otherNumerals } from '../../mistakes/numerals';
import type { NumeralBuildGiven } from './given';

const inGivenNumeral = (turn: NumeralTurn): Mistake<NumeralBuildGiven> => ({
  id: turn.id,
  misreads: (given) =>
    otherNumerals(given.numeral, turn, keyIn(given)).map((numeral) => ({ ...given, numeral })),
});

export const NUMERAL_BUILD_MISTAKES: readonly Mistake<NumeralBuildGiven, readonly string[]>[] = [
  readFromTheTop,
  enharmonicSlip,
  ...LEADING_NOTES,
  ...OTHER_KEYS.map((turn) => inGivenKey<NumeralBuildGiven>(turn)),
  signatureLeftOut,
  signatureAccidentalLeftOut,
  ...[...FIRST_TURNS, ...OTHER_TURNS].map(inGivenNumeral),
];
