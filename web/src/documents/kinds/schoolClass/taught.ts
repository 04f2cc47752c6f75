/** What a class has been taught: degree by degree, triads before sevenths, and key by key. */
import { NO_DEGREES, type NotYetTaught, type SchoolClass } from './type';

type Mode = 'major' | 'minor';
export type Taught = 'all' | 'triad' | 'not yet';

const without = <One>(list: readonly One[], one: One): One[] => list.filter((other) => other !== one);
const toggled = <One>(list: readonly One[], one: One): One[] =>
  list.includes(one) ? without(list, one) : [...list, one];

/** How much of the stack on a degree has been taught. */
export function taughtOf(notYet: NotYetTaught, mode: Mode, degree: number): Taught {
  if (notYet[mode].includes(degree)) return 'not yet';
  return notYet.sevenths?.[mode].includes(degree) ? 'triad' : 'all';
}

/** A degree is taught, or comes later. */
export const withDegree = (open: SchoolClass, mode: Mode, degree: number): SchoolClass => ({
  ...open,
  notYetTaught: {
    ...open.notYetTaught,
    [mode]: toggled(open.notYetTaught[mode], degree).sort((a, b) => a - b),
  },
});

/** The seventh chord of a degree is taught, or comes later; its triad stays as it is. */
export function withSeventh(open: SchoolClass, mode: Mode, degree: number): SchoolClass {
  const { sevenths = NO_DEGREES } = open.notYetTaught;
  const own = toggled(sevenths[mode], degree).sort((a, b) => a - b);
  return { ...open, notYetTaught: { ...open.notYetTaught, sevenths: { ...sevenths, [mode]: own } } };
}

/** A key is taught, or comes later. */
export const withKey = (open: SchoolClass, key: string): SchoolClass => ({
  ...open,
  notYetTaught: { ...open.notYetTaught, keys: toggled(open.notYetTaught.keys ?? [], key) },
});
