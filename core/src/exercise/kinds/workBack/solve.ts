import { dominantOf, isMinorTarget, secondOf, type WorkedBackChord } from '../../../context/workBack';
import { TheoryError, attempt } from '../../../errors';
import type { Key } from '../../../key/key';
import { chordOfNumeral } from '../../../label/numeral';
import { parseNumeral } from '../../../label/numeralParse';
import { printNumeral } from '../../../label/numeralPrint';
import { writingDifficulty } from '../../generating/staffWriting';
import { keyIn } from '../../givenReading';
import type { DifficultyParts } from '../../question';
import type { WorkBackGiven } from './given';

/** The chords that are sought before a target, from the front. Throws TheoryError `request`. */
export function soughtIn(given: WorkBackGiven): WorkedBackChord[] {
  const key = keyIn(given);
  const dominant = dominantOf(parseNumeral(given.target, key), key);
  if (dominant.kind !== 'found') throw noTarget(given.target);
  if (given.roles[0] !== 'ii') return [dominant];
  const second = secondOf(dominant, key);
  if (second.kind !== 'found') throw noTarget(given.target);
  return given.roles.length === 1 ? [second] : [second, dominant];
}

function noTarget(target: string): TheoryError {
  return new TheoryError('request', target, 'no dominant goes there.', 'Give for example "target": "vi".');
}

/** The forms in which a sought chord is usual: with its seventh and without. */
const FORMS = { V: ['V7', 'V'], major: ['ii7', 'ii'], minor: ['iiø7', 'iio', 'ii7', 'ii'] } as const;
const MAJOR: Key = { tonic: { step: 0, alteration: 0 }, mode: 'major' };

/** The usual forms of a sought chord, as numerals of the key. */
export function formsOf({ role, target, numeral }: WorkedBackChord, key: Key): string[] {
  const forms = role === 'V' ? FORMS.V : isMinorTarget(target) ? FORMS.minor : FORMS.major;
  return forms.flatMap((form) => {
    // In minor the second degree of the home key is diminished by itself: its names are read there as they stand.
    const own = attempt(() => ({ ...parseNumeral(form, MAJOR), target: numeral.target }));
    const made = own.ok ? attempt(() => printNumeral(own.value, key)) : null;
    return made?.ok ? [made.value] : [];
  });
}

/** Every usual form of each chord: the seventh is free. */
export function solveWorkBack(given: WorkBackGiven): readonly (readonly string[])[] {
  const key = keyIn(given);
  return soughtIn(given)
    .map((found) => formsOf(found, key))
    .reduce<string[][]>((all, forms) => all.flatMap((one) => forms.map((form) => [...one, form])), [[]]);
}

export const workBackDifficulty = (given: WorkBackGiven): DifficultyParts => ({
  chords: 0.7 * given.roles.length,
  ...(/^[Ii]$/.test(given.target) ? {} : { target: 0.5 }),
  ...writingDifficulty(
    keyIn(given),
    soughtIn(given).map(({ numeral }) => chordOfNumeral(numeral, keyIn(given)).root),
  ),
});
