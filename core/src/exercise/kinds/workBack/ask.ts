import { describe } from '../../../chord/describe';
import { TheoryError } from '../../../errors';
import { dominantOf, isMinorTarget, secondOf, type FoundChord } from '../../../context/workBack';
import { printKey, type Key } from '../../../key/key';
import { chordOfNumeral } from '../../../label/numeral';
import { parseNumeral } from '../../../label/numeralParse';
import { printNumeral } from '../../../label/numeralPrint';
import { attempt } from '../../../errors';
import { workBackWorking } from '../../../working/workBackWorking';
import { keyIn, textIn, textsIn } from '../../ask/given';
import { writingDifficulty } from '../../ask/onStaff';
import type { Asking, Given } from '../../ask/question';
import { isUntaught, numeralsOf } from '../numeralLabel/numerals';

/** The chords that are sought before a target, from the front: a ii and its V, or the V alone. */
export function soughtIn(given: Given): FoundChord[] {
  const key = keyIn(given);
  const roles = textsIn(given, 'roles');
  const dominant = dominantOf(parseNumeral(textIn(given, 'target'), key), key);
  if (dominant.kind !== 'found') throw noTarget(textIn(given, 'target'));
  if (roles[0] !== 'ii') return [dominant];
  const second = secondOf(dominant, key);
  if (second.kind !== 'found') throw noTarget(textIn(given, 'target'));
  return [second, dominant];
}

function noTarget(target: string): TheoryError {
  return new TheoryError('request', target, 'no dominant goes there.', 'Give for example "target": "vi".');
}

/** The forms in which a sought chord is usual: with its seventh and without. */
const FORMS = { V: ['V7', 'V'], major: ['ii7', 'ii'], minor: ['iiø7', 'iio', 'ii7', 'ii'] } as const;

function formsOf({ role, target, numeral }: FoundChord, key: Key): string[] {
  const forms = role === 'V' ? FORMS.V : isMinorTarget(target) ? FORMS.minor : FORMS.major;
  return forms.flatMap((form) => {
    // In minor the second degree of the home key is diminished by itself: its names are read there as they stand.
    const own = attempt(() => ({ ...parseNumeral(form, MAJOR), target: numeral.target }));
    const made = own.ok ? attempt(() => printNumeral(own.value, key)) : null;
    return made?.ok ? [made.value] : [];
  });
}
const MAJOR: Key = { tonic: { step: 0, alteration: 0 }, mode: 'major' };

/** A target with a bracket and an arrow before it; the chords that go to it are written. */
export const ASK_WORK_BACK: Asking = {
  id: 'work-back',
  takes: ['keys', 'numerals', 'untaught', 'roles'],
  usual: {},
  roll(dice, material) {
    const key = dice.pick(material.keys);
    if (key.mode !== 'major' && key.mode !== 'minor') return null;
    const targets = numeralsOf(key, { ...material, inversions: [0] })
      .filter(({ numeral, chord }) => {
        const { triad } = describe(chord.members);
        return numeral.members.length === 3 && (triad === 'major' || triad === 'minor');
      })
      .map(({ numeral }) => printNumeral(numeral, key))
      .filter((text) => !isUntaught(text, material));
    if (targets.length === 0) return null;
    const given = {
      key: printKey(key),
      target: dice.pick(targets),
      roles: dice.pick(material.roles) === 'pair' ? ['ii', 'V'] : ['V'],
    };
    return attempt(() => soughtIn(given)).ok ? given : null;
  },
  /** Every usual form of each chord: the seventh is free. */
  answers(given) {
    const key = keyIn(given);
    return soughtIn(given)
      .map((found) => formsOf(found, key))
      .reduce<string[][]>((all, forms) => all.flatMap((one) => forms.map((form) => [...one, form])), [[]]);
  },
  difficulty: (given) => ({
    chords: 0.7 * textsIn(given, 'roles').length,
    ...(/^[Ii]$/.test(textIn(given, 'target')) ? {} : { target: 0.5 }),
    ...writingDifficulty(
      keyIn(given),
      soughtIn(given).map(({ numeral }) => chordOfNumeral(numeral, keyIn(given)).root),
    ),
  }),
  steps: (given) => [...soughtIn(given)].reverse().flatMap((found) => workBackWorking(found, keyIn(given))),
};
