import { keyIn, notesIn, rising } from '../../givenReading';
import { OTHER_KEYS, inGivenKey } from '../../mistakes/keys';
import type { Mistake } from '../../mistakes/mistake';
import {
  FIRST_TURNS,
  type NumeralTurn,
  OTHER_TURNS,
  numeralsOnLowest,
  otherNumerals,
} from '../../mistakes/numerals';
import { staffReading } from '../../mistakes/reading';
import { rereadNotes } from '../chordName/mistakes';
import type { NumeralLabelGiven } from './given';
import { likeliestNumeral } from './solve';

const inNumeral = (turn: NumeralTurn): Mistake<NumeralLabelGiven, string> => ({
  id: turn.id,
  slips: (right, given) => otherNumerals(right, turn, keyIn(given)),
});

export const NUMERAL_LABEL_MISTAKES: readonly Mistake<NumeralLabelGiven, string>[] = [
  ...staffReading<NumeralLabelGiven>(rereadNotes),
  ...OTHER_KEYS.map((turn) => inGivenKey<NumeralLabelGiven>(turn)),
  ...FIRST_TURNS.map(inNumeral),
  {
    id: 'lowest-for-root',
    slips(right, given) {
      // In root position the lowest note is the root.
      if (likeliestNumeral(given).numeral.lowest.degree === 1) return [];
      const on = numeralsOnLowest(rising(notesIn(given.notes))[0]!, keyIn(given));
      const { figures = '' } = /(?<figures>\d*)$/.exec(right)?.groups ?? {};
      // The figures of the chord may stay where its root is taken for another.
      return figures === '' ? on : [...on, ...on.map((one) => one.replace(/\d*$/, figures))];
    },
  },
  ...OTHER_TURNS.map(inNumeral),
];
