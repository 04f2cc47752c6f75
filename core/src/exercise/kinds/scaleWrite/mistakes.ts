import { keyIn } from '../../givenReading';
import { enharmonicSlip } from '../../mistakes/chords';
import {
  LEADING_NOTES,
  OTHER_KEYS,
  inGivenKey,
  minorDegree,
  signatureAccidentalLeftOut,
  signatureLeftOut,
  swapNote,
} from '../../mistakes/keys';
import type { Mistake } from '../../mistakes/mistake';
import { accidentalsLeftOut } from '../../mistakes/notes';
import type { ScaleWriteGiven } from './given';

export const SCALE_WRITE_MISTAKES: readonly Mistake<ScaleWriteGiven, readonly string[]>[] = [
  enharmonicSlip,
  ...LEADING_NOTES,
  ...OTHER_KEYS.map((turn) => inGivenKey<ScaleWriteGiven>(turn)),
  signatureLeftOut,
  signatureAccidentalLeftOut,
  {
    id: 'sixth-of-another-form',
    slips(right, given) {
      const key = keyIn(given);
      if (key.mode !== 'minor') return [];
      const { plain, raised } = minorDegree(key, 6);
      return [swapNote(right, raised, plain), swapNote(right, plain, raised)];
    },
  },
  accidentalsLeftOut,
];
