import { kindWords, mistakeName, type School } from '@diatonix/core';
import type { Document } from './document';
import type { PileBody } from './kinds/pile';
import { markPile, versionsOf, type MarkedPupil } from './markPile';

/** What a pupil did with the questions of one kind. */
export interface SkillCell {
  readonly right: number;
  readonly answered: number;
}

/** A pile with all its answers marked. */
export interface MarkedPile {
  readonly id: string;
  readonly title: string;
  readonly date: string;
  readonly pupils: readonly MarkedPupil[];
  /** The kind of each question by its place. */
  readonly kinds: ReadonlyMap<string, string>;
}

const MARKED = new WeakMap<PileBody, { readonly school: School; readonly pile: MarkedPile }>();

/** The piles of a class from the first to the last; one that did not change is not marked again. */
export function markedPiles(
  piles: readonly Document<'pile'>[],
  classId: string | null,
  school: School,
): MarkedPile[] {
  return piles
    .filter(({ body }) => classId === null || body.classId === classId)
    .map(({ id, body }) => marked(id, body, school))
    .sort((a, b) => (a.date < b.date ? -1 : 1));
}

function marked(id: string, body: PileBody, school: School): MarkedPile {
  const known = MARKED.get(body);
  if (known?.school === school) return known.pile;
  const versions = versionsOf(body);
  const pile: MarkedPile = {
    id,
    title: body.title,
    date: body.date,
    pupils: markPile(body, versions, school),
    kinds: new Map((versions[0] ?? []).map(({ id: place, question }) => [place, question.kind])),
  };
  MARKED.set(body, { school, pile });
  return pile;
}

/** The pupils of the piles by their names, in the order of the alphabet. */
export const namesIn = (piles: readonly MarkedPile[]): string[] =>
  [...new Set(piles.flatMap(({ pupils }) => pupils.map(({ pupil }) => pupil.name)))].sort((a, b) =>
    a.localeCompare(b),
  );

/** The kinds of exercise that were asked, in the order in which they came. */
export const kindsIn = (piles: readonly MarkedPile[]): string[] => [
  ...new Set(piles.flatMap(({ kinds }) => [...kinds.values()])),
];

/** For each pupil and kind how many answers were right. */
export function skillGrid(piles: readonly MarkedPile[]): ReadonlyMap<string, ReadonlyMap<string, SkillCell>> {
  const grid = new Map<string, Map<string, SkillCell>>();
  for (const { pupils, kinds } of piles)
    for (const { pupil, answers } of pupils) {
      const row = grid.get(pupil.name) ?? new Map<string, SkillCell>();
      for (const [place, { verdict }] of answers) {
        const kind = kinds.get(place) ?? '';
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

/** The share of right answers, pile by pile; null where nothing was answered. */
export interface Progress {
  readonly date: string;
  readonly title: string;
  readonly share: number | null;
}

export function progressOf(piles: readonly MarkedPile[], name: string | null): Progress[] {
  return piles.map(({ date, title, pupils }) => {
    const own = pupils.filter(({ pupil }) => name === null || pupil.name === name);
    const answers = own.flatMap(({ answers: all }) => [...all.values()]);
    const right = answers.filter(({ verdict }) => verdict === 'right').length;
    return { date, title, share: answers.length === 0 ? null : right / answers.length };
  });
}

/** Causes by how often they were found, of one pupil or of all. */
export function causesOf(piles: readonly MarkedPile[], name: string | null): { id: string; count: number }[] {
  const counts = new Map<string, number>();
  for (const { pupils } of piles)
    for (const { pupil, answers } of pupils) {
      if (name !== null && pupil.name !== name) continue;
      for (const { marking } of answers.values())
        for (const id of marking?.causes[0]?.mistakes ?? []) counts.set(id, (counts.get(id) ?? 0) + 1);
    }
  return [...counts.entries()].map(([id, count]) => ({ id, count })).sort((a, b) => b.count - a.count);
}

/** Everything that was answered as a table for other programs: a line each. */
export function logbookCsv(piles: readonly MarkedPile[], school: School): string {
  const cell = (text: string | number) => {
    const plain = String(text);
    // A cell that begins like a formula is kept a text.
    const safe = /^[=+\-@]/.test(plain) ? `'${plain}` : plain;
    return /[",\n]/.test(safe) ? `"${safe.replace(/"/g, '""')}"` : safe;
  };
  const rows = piles.flatMap(({ title, date, pupils, kinds }) =>
    pupils.flatMap(({ pupil, answers }) =>
      [...answers.entries()].map(([place, { entry, verdict, got, of, marking }]) => [
        ...[date, title, pupil.name, place, kindWords(kinds.get(place) ?? '').name, entry.answer],
        ...[
          verdict,
          got,
          of,
          (marking?.causes[0]?.mistakes ?? []).map((id) => mistakeName(id, school)).join(' + '),
        ],
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
  return [head, ...rows].map((row) => row.map(cell).join(',')).join('\r\n');
}
