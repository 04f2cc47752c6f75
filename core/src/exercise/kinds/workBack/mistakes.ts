import type { WorkedBackChord } from '../../../context/workBack';
import { chordFromFormula } from '../../../chord/build';
import { stackedNotes } from '../../../chord/chord';
import { attempt } from '../../../errors';
import { nameBelow } from '../../../interval/interval';
import type { Key } from '../../../key/key';
import { chordOfNumeral } from '../../../label/numeral';
import { printNumeral } from '../../../label/numeralPrint';
import { numeralsForNotes } from '../../../label/numeralsFor';
import type { NoteName } from '../../../pitch/note';
import { keyIn } from '../../givenReading';
import type { Mistake } from '../../mistakes/mistake';
import type { WorkBackGiven } from './given';
import { soughtIn } from './solve';

type Slip = (found: WorkedBackChord, key: Key) => readonly (string | null)[];

/** The numerals of triads and sevenths in a key. */
const named = (notes: readonly NoteName[], key: Key): string | null => {
  const read = attempt(() => numeralsForNotes(notes, key)[0]);
  return read.ok && read.value ? printNumeral(read.value.numeral, key) : null;
};

const chordsOn = (root: NoteName, formulas: readonly string[], key: Key) =>
  formulas.map((formula) => {
    const notes = attempt(() => stackedNotes(chordFromFormula(root, formula)));
    return notes.ok ? named(notes.value, key) : null;
  });

const goalOf = ({ target, numeral, role }: WorkedBackChord, key: Key): NoteName =>
  role === 'V'
    ? chordOfNumeral(target, key).root
    : nameBelow(chordOfNumeral(numeral, key).root, { number: 5, deviation: 0 });

/** One of the sought chords slips: the others stand as they are. */
const slip = (id: string, slips: Slip): Mistake<WorkBackGiven, readonly string[]> => ({
  id,
  slips(right, given) {
    const key = keyIn(given);
    return soughtIn(given).flatMap((found, at) =>
      slips(found, key)
        .filter((text) => text !== null)
        .map((text) => right.map((own, place) => (place === at ? text : own))),
    );
  },
});

const DOMINANTS = ['1 3 5', '1 3 5 b7'];
const SECONDS = ['1 b3 5', '1 b3 5 b7', '1 b3 b5', '1 b3 b5 b7'];
const ALL_FORMS = [...DOMINANTS, ...SECONDS];

export const WORK_BACK_MISTAKES: readonly Mistake<WorkBackGiven, readonly string[]>[] = [
  slip('dominant-not-major', ({ role, numeral }, key) =>
    role === 'V' ? chordsOn(chordOfNumeral(numeral, key).root, SECONDS.slice(0, 2), key) : [],
  ),
  slip('second-not-minor', ({ role, numeral }, key) =>
    role === 'ii' ? chordsOn(chordOfNumeral(numeral, key).root, DOMINANTS, key) : [],
  ),
  slip('fifth-below-target', (found, key) =>
    chordsOn(nameBelow(goalOf(found, key), { number: 5, deviation: 0 }), ALL_FORMS, key),
  ),
  slip('target-for-dominant', (found, key) => chordsOn(goalOf(found, key), ALL_FORMS, key)),
  slip('target-left-out', ({ role }, key) =>
    (role === 'V' ? ['V', 'V7'] : key.mode === 'minor' ? ['iio', 'iiø7'] : ['ii', 'ii7']).slice(),
  ),
];
