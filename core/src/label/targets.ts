import { describe } from '../chord/describe';
import type { Key } from '../key/key';
import { perObject } from '../memo';
import { diatonicNumeral } from './diatonic';
import { ROOT, type Numeral } from './numeral';

/** Chords of the parallel minor that a major piece may tonicise. */
const BORROWED_TARGETS: readonly Numeral[] = [6, 3, 7, 2].map((degree) => ({
  degree,
  alteration: -1,
  members: [ROOT, { degree: 3, alteration: 0 }, { degree: 5, alteration: 0 }],
  lowest: ROOT,
  special: null,
  target: null,
}));

/** Major and minor triads of the key that can be tonicised, the tonic excepted. */
export const targetsOf: (key: Key) => readonly Numeral[] = perObject(findTargets);

function findTargets(key: Key): Numeral[] {
  const targets: Numeral[] = [];
  const borrowed =
    key.mode === 'major' ? BORROWED_TARGETS : key.mode === 'minor' ? BORROWED_TARGETS.slice(-1) : [];
  for (const degree of [5, 2, 4, 6, 3, 7]) {
    const candidates =
      key.mode === 'minor' ? [diatonicNumeral(key, degree, 5, 'natural')] : [diatonicNumeral(key, degree)];
    if (key.mode === 'minor' && degree === 5) candidates.unshift(diatonicNumeral(key, 5));
    for (const target of candidates) {
      const { triad } = describe(target.members);
      if (triad === 'major' || triad === 'minor') targets.push(target);
    }
  }
  return [...targets, ...borrowed];
}
