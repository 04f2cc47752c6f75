import { DEGREE_NAMES } from '../../../key/scale';
import { keyIn } from '../../givenReading';
import { OTHER_KEYS, inGivenKey } from '../../mistakes/keys';
import type { Mistake } from '../../mistakes/mistake';
import type { DegreeNameGiven } from './given';

const NAMES: readonly string[] = DEGREE_NAMES;

const ABOVE_AND_BELOW = [
  ['mediant', 'submediant'],
  ['dominant', 'subdominant'],
  ['supertonic', 'subtonic'],
] as const;

/** The seventh of minor called by its other name. */
const leadingNamed = (id: string, from: string, to: string): Mistake<DegreeNameGiven, string> => ({
  id,
  slips: (right, given) => (keyIn(given).mode === 'minor' && right === from ? [to] : []),
});

export const DEGREE_NAME_MISTAKES: readonly Mistake<DegreeNameGiven, string>[] = [
  leadingNamed('leading-note-not-raised', 'leading', 'subtonic'),
  leadingNamed('leading-note-raised', 'subtonic', 'leading'),
  ...OTHER_KEYS.map((turn) => inGivenKey<DegreeNameGiven>(turn)),
  {
    id: 'supertonic-for-mediant',
    slips: (right) => ABOVE_AND_BELOW.flatMap(([a, b]) => (right === a ? [b] : right === b ? [a] : [])),
  },
  {
    id: 'counted-from-zero',
    slips(right) {
      const at = NAMES.indexOf(right === 'subtonic' ? 'leading' : right);
      return at < 0 ? [] : [NAMES[(at + 6) % 7]!];
    },
  },
];
