import { describe } from '../chord/describe';
import { isMinorLike, keyOf, type Key } from '../key/key';
import { degreeOf } from '../key/scale';
import { bassMember, type Chord } from '../chord/chord';
import { nameAbove, nameBelow } from '../interval/interval';
import { pitchClass, sameName, type NoteName } from '../pitch/note';
import { diatonicNumeral } from './diatonic';
import { DIMINISHED_SEVENTH } from './numeralSpecials';
import { isSubstituteStack, SUBSTITUTE_COST } from './substitutes';
import { targetsOf } from './targets';
import type { NumeralReading } from './numeralReading';
import { ROOT, rootOf, type Numeral } from './numeral';

/** What it costs that the chart spells it otherwise. */
const RESPELLED = 0.35;
const LEADING_COST = 0.5;
const APPLIED_COST = 1.5;
const COMMON_TONE_COST = 1.6;

/**
 * A diminished seventh by where it may go, whatever a chart spells (common practice): as the leading-note chord of the
 * tonic and of every target, and as the common-tone chord of tonic and dominant. None for other chords, nor for what
 * it is spelled as.
 */
function respelledDiminished(given: Chord, key: Key): NumeralReading[] {
  const { triad, seventh } = describe(given.members);
  if (triad !== 'diminished' || seventh !== 'diminished' || given.members.length !== 4) return [];
  const first = pitchClass(given.root);
  const isIn = (note: NoteName) => (pitchClass(note) - first + 12) % 3 === 0;
  const reading = (
    root: NoteName,
    numeral: Pick<Numeral, 'degree' | 'alteration' | 'special' | 'target'>,
    reason: NumeralReading['reason'],
    cost: number,
  ): NumeralReading[] => {
    if (!isIn(root) || sameName(root, given.root)) return [];
    const lowest = DIMINISHED_SEVENTH[((pitchClass(given.bass) - pitchClass(root) + 12) % 12) / 3];
    return lowest
      ? [
          {
            numeral: { ...numeral, members: DIMINISHED_SEVENTH, lowest },
            reason,
            cost: cost + RESPELLED,
            chord: given,
          },
        ]
      : [];
  };
  const leading = (tonic: NoteName) => nameBelow(tonic, { number: 2, deviation: -1 });
  const common = (tonic: NoteName) => nameAbove(tonic, { number: 2, deviation: 1 });
  const own = leading(key.tonic);
  const applied = targetsOf(key).flatMap((target) => {
    const tonic = rootOf(target, key);
    const minor = describe(target.members).triad === 'minor';
    const root = leading(tonic);
    const { alteration } = degreeOf(keyOf(tonic, minor ? 'minor' : 'major'), root);
    return reading(root, { degree: 7, alteration, special: null, target }, 'applied', APPLIED_COST);
  });
  const tonicColour = reading(
    common(key.tonic),
    { degree: 2, alteration: 0, special: 'CT', target: null },
    'common-tone',
    COMMON_TONE_COST,
  );
  const dominant = diatonicNumeral(key, 5);
  const dominantColour = reading(
    common(rootOf(dominant, key)),
    { degree: 2, alteration: 0, special: 'CT', target: dominant },
    'common-tone',
    COMMON_TONE_COST + 0.2,
  );
  const { alteration } = degreeOf(key, own);
  const home = reading(
    own,
    { degree: 7, alteration, special: null, target: null },
    isMinorLike(key.mode) ? 'harmonic' : 'mixture',
    LEADING_COST,
  );
  return [...home, ...applied, ...tonicColour, ...dominantColour];
}

/** A substitute dominant that a chart spells otherwise: C♯7 for D♭7 before C. */
function respelledSubstitute(given: Chord, key: Key): NumeralReading[] {
  if (!isSubstituteStack(given)) return [];
  const stands = (tonic: NoteName) => {
    const root = nameAbove(tonic, { number: 2, deviation: -1 });
    return pitchClass(root) === pitchClass(given.root) && !sameName(root, given.root);
  };
  const reading = (target: Numeral | null, cost: number): NumeralReading => ({
    numeral: {
      ...{ degree: 2, alteration: -1, special: 'sub', target, members: given.members },
      lowest: bassMember(given) ?? ROOT,
    },
    reason: 'substitute',
    cost: cost + RESPELLED,
    chord: given,
  });
  return [
    ...(stands(key.tonic) ? [reading(null, SUBSTITUTE_COST)] : []),
    ...targetsOf(key)
      .filter((target) => target.alteration === 0 && stands(rootOf(target, key)))
      .map((target) => reading(target, 2 * SUBSTITUTE_COST)),
  ];
}

/** What a chord of a chart is in a key by its sound, where that is spelled otherwise; none where notes are given. */
export const respelledReadings = (given: Chord, key: Key): NumeralReading[] => [
  ...respelledDiminished(given, key),
  ...respelledSubstitute(given, key),
];
