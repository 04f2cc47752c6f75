import { inWantedCadence } from '../../mistakes/cadences';
import { OTHER_KEYS, inGivenKey } from '../../mistakes/keys';
import type { Mistake } from '../../mistakes/mistake';
import { FIRST_TURNS, OTHER_TURNS, type NumeralTurn, otherNumerals } from '../../mistakes/numerals';
import { keyIn } from '../../givenReading';
import type { CadenceWriteGiven } from './given';

type InCadence = Mistake<CadenceWriteGiven, readonly string[]>;

/** One of the two numerals written wrongly, or both alike. */
const inNumeral = (turn: NumeralTurn): InCadence => ({
  id: turn.id,
  slips(right, given) {
    const others = right.map((one) => otherNumerals(one, turn, keyIn(given)));
    const single = right.flatMap((_, at) =>
      others[at]!.map((other) => right.map((one, index) => (index === at ? other : one))),
    );
    const both = others.every(([first]) => first !== undefined) ? [others.map(([first]) => first!)] : [];
    return [...single, ...both];
  },
});

/** Turns in which a numeral is written, not chosen: what else it might be is another cadence. */
const WRITTEN = [
  'case-wrong',
  'quality-sign-forgotten',
  'leading-note-not-raised',
  'six-and-six-four-exchanged',
];

export const CADENCE_WRITE_MISTAKES: readonly InCadence[] = [
  ...[...FIRST_TURNS, ...OTHER_TURNS].filter(({ id }) => WRITTEN.includes(id)).map(inNumeral),
  ...OTHER_KEYS.map((turn) => inGivenKey<CadenceWriteGiven>(turn)),
  ...inWantedCadence<CadenceWriteGiven>(),
];
