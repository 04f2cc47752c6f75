import { byName } from '../../design/byName';
import { kindWords, mistakeName, type LabelStyle } from '@diatonix/core';
import { toCsv } from '../files/csv';
import type { Document } from '../store/document';
import type { PileBody } from '../kinds/pile/type';
import { recordOfPile, type RecordedPupil } from '../marking/pileRecord';

/** What a pupil did with the questions of one kind. */
export interface SkillCell {
  readonly right: number;
  readonly answered: number;
}

/** A pile with what all its answers earned. */
export interface MarkedPile {
  readonly id: string;
  readonly title: string;
  readonly date: string;
  readonly pupils: readonly RecordedPupil[];
  /** The kind of each section of the sheet. */
  readonly kinds: readonly string[];
}

const MARKED = new WeakMap<PileBody, { readonly school: LabelStyle; readonly pile: MarkedPile }>();

/** The piles of a class from the first to the last; one that did not change is not marked again. */
export function markedPiles(
  piles: readonly Document<'pile'>[],
  classId: string | null,
  school: LabelStyle,
): MarkedPile[] {
  return piles
    .filter(({ body }) => classId === null || body.classId === classId)
    .map(({ id, body }) => marked(id, body, school))
    .sort((a, b) => (a.date < b.date ? -1 : 1));
}

function marked(id: string, body: PileBody, school: LabelStyle): MarkedPile {
  const known = MARKED.get(body);
  if (known?.school === school) return known.pile;
  const pile: MarkedPile = {
    id,
    title: body.title,
    date: body.date,
    pupils: recordOfPile(body, school),
    kinds: body.sheet.sections.map(({ kind }) => kind),
  };
  MARKED.set(body, { school, pile });
  return pile;
}

/** The pupils of the piles by their names, in the order of the alphabet. */
export const namesIn = (piles: readonly MarkedPile[]): string[] =>
  [...new Set(piles.flatMap(({ pupils }) => pupils.map(({ pupil }) => pupil.name)))].sort(byName);

/** The kind of a question by its place, whose first number is that of its section. */
const kindAt = (kinds: readonly string[], place: string): string => kinds[Number(place.split('.')[0])] ?? '';

/** The kinds of exercise that were asked, in the order in which they came. */
export const kindsIn = (piles: readonly MarkedPile[]): string[] => [
  ...new Set(piles.flatMap(({ kinds }) => kinds)),
];

type Grid = ReadonlyMap<string, ReadonlyMap<string, SkillCell>>;

const GRIDS = new WeakMap<readonly MarkedPile[], Grid>();

/** For each pupil and kind how many answers were right; counted once for the same piles. */
export function skillGrid(piles: readonly MarkedPile[]): Grid {
  const grid = GRIDS.get(piles) ?? countedGrid(piles);
  GRIDS.set(piles, grid);
  return grid;
}

function countedGrid(piles: readonly MarkedPile[]): Grid {
  const grid = new Map<string, Map<string, SkillCell>>();
  for (const { pupils, kinds } of piles)
    for (const { pupil, answers } of pupils) {
      const row = grid.get(pupil.name) ?? new Map<string, SkillCell>();
      for (const [place, { verdict }] of answers) {
        const kind = kindAt(kinds, place);
        const before = row.get(kind) ?? { right: 0, answered: 0 };
        row.set(kind, {
          right: before.right + (verdict === 'right' ? 1 : 0),
          answered: before.answered + 1,
        });
      }
      grid.set(pupil.name, row);
    }
  return grid;
}

/** For each kind how many answers of all pupils together were right. */
export function skillsOf(piles: readonly MarkedPile[]): ReadonlyMap<string, SkillCell> {
  const whole = new Map<string, SkillCell>();
  for (const row of skillGrid(piles).values())
    for (const [kind, { right, answered }] of row) {
      const before = whole.get(kind) ?? { right: 0, answered: 0 };
      whole.set(kind, { right: before.right + right, answered: before.answered + answered });
    }
  return whole;
}

/** For each degree (`minor 7`) how many answers about its chord were right. */
export function degreesKnown(piles: readonly MarkedPile[]): ReadonlyMap<string, SkillCell> {
  const known = new Map<string, SkillCell>();
  for (const { pupils } of piles)
    for (const { answers } of pupils)
      for (const { degree, verdict } of answers.values()) {
        if (degree === undefined) continue;
        const { right, answered } = known.get(degree) ?? { right: 0, answered: 0 };
        known.set(degree, { right: right + (verdict === 'right' ? 1 : 0), answered: answered + 1 });
      }
  return known;
}

/** The share of right answers, pile by pile; null where nothing was answered. */
export interface Progress {
  readonly date: string;
  readonly title: string;
  readonly share: number | null;
}

/** The course of a pupil, or of all, in one kind of exercise or in all of them. */
export function progressOf(
  piles: readonly MarkedPile[],
  name: string | null,
  kind: string | null = null,
): Progress[] {
  return piles.map(({ date, title, pupils, kinds }) => {
    const own = pupils.filter(({ pupil }) => name === null || pupil.name === name);
    const answers = own.flatMap(({ answers: all }) =>
      [...all].flatMap(([place, one]) => (kind === null || kindAt(kinds, place) === kind ? [one] : [])),
    );
    const right = answers.filter(({ verdict }) => verdict === 'right').length;
    return { date, title, share: answers.length === 0 ? null : right / answers.length };
  });
}

/** Causes by how often they were found, of one pupil or of all. */
export function causesOfPupil(
  piles: readonly MarkedPile[],
  name: string | null,
): { id: string; count: number }[] {
  const counts = new Map<string, number>();
  for (const { pupils } of piles)
    for (const { pupil, answers } of pupils) {
      if (name !== null && pupil.name !== name) continue;
      for (const { causes = [] } of answers.values())
        for (const id of causes) counts.set(id, (counts.get(id) ?? 0) + 1);
    }
  return [...counts.entries()].map(([id, count]) => ({ id, count })).sort((a, b) => b.count - a.count);
}

/** Everything that was answered as a table for other programs: a line each. */
export function logbookCsv(piles: readonly MarkedPile[], school: LabelStyle): string {
  const rows = piles.flatMap(({ title, date, pupils, kinds }) =>
    pupils.flatMap(({ pupil, answers }) =>
      [...answers.entries()].map(([place, { entry, verdict, got, of, causes = [] }]) => [
        ...[date, title, pupil.name, place, kindWords(kindAt(kinds, place)).name, entry.answer],
        ...[verdict, got, of, causes.map((id) => mistakeName(id, school)).join(' + ')],
      ]),
    ),
  );
  const head = [
    'date',
    'sheet',
    'pupil',
    'question',
    'exercise',
    'answer',
    'verdict',
    'marks',
    'of',
    'cause',
  ];
  return toCsv([head, ...rows]);
}
