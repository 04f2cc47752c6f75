import { kindWords, mistakeName, type LabelStyle } from '@diatonix/core';
import type { SchoolClass } from '../kinds/schoolClass/type';
import {
  causesOfPupil,
  degreesKnown,
  kindsIn,
  namesIn,
  progressOf,
  skillGrid,
  type MarkedPile,
} from './logbook';

type Rows = readonly (readonly (string | number)[])[];

/** The class by skill as a table: for each pupil and exercise the right answers and all of them. */
export function skillRows(piles: readonly MarkedPile[]): Rows {
  const [grid, kinds] = [skillGrid(piles), kindsIn(piles)];
  const head = kinds.flatMap((kind) => [
    `${kindWords(kind).name}: right`,
    `${kindWords(kind).name}: answered`,
  ]);
  return [
    ['pupil', ...head],
    ...namesIn(piles).map((name) => [
      name,
      ...kinds.flatMap((kind) => {
        const { right, answered } = grid.get(name)?.get(kind) ?? { right: 0, answered: 0 };
        return [right, answered];
      }),
    ]),
  ];
}

/** The share of right answers sheet by sheet, of a pupil beside the class; empty where nothing was answered. */
export function progressRows(
  piles: readonly MarkedPile[],
  pupil: string | null,
  kind: string | null = null,
): Rows {
  const percent = (share: number | null | undefined) =>
    share === null || share === undefined ? '' : Math.round(100 * share);
  const own = pupil === null ? null : progressOf(piles, pupil, kind);
  return [
    ['date', 'sheet', ...(pupil === null ? [] : [`${pupil}: % right`]), 'class: % right'],
    ...progressOf(piles, null, kind).map(({ date, title, share }, at) => [
      ...[date, title],
      ...(own ? [percent(own[at]?.share)] : []),
      percent(share),
    ]),
  ];
}

/** The mistakes of a pupil or the class, the commonest first. */
export function causeRows(piles: readonly MarkedPile[], pupil: string | null, school: LabelStyle): Rows {
  return [
    ['mistake', 'answers'],
    ...causesOfPupil(piles, pupil).map(({ id, count }) => [mistakeName(id, school), count]),
  ];
}

/** What was taught against what is known of it, degree by degree. */
export function taughtRows(piles: readonly MarkedPile[], { notYetTaught }: SchoolClass): Rows {
  const known = degreesKnown(piles);
  return [
    ['mode', 'degree', 'taught', 'right', 'answered'],
    ...(['major', 'minor'] as const).flatMap((mode) =>
      [1, 2, 3, 4, 5, 6, 7].map((degree) => {
        const { right, answered } = known.get(`${mode} ${degree}`) ?? { right: 0, answered: 0 };
        return [mode, degree, notYetTaught[mode].includes(degree) ? 'not yet' : 'yes', right, answered];
      }),
    ),
  ];
}
