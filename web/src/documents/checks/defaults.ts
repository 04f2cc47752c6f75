import type { DocumentKind } from '../store/document';
import { FIRST } from '../store/document';
import { FIRST_PLAN } from '../kinds/plan/type';
import { FIRST_PROGRESSION } from '../kinds/progression/type';
import { FIRST_CLASS } from '../kinds/schoolClass/type';
import { FIRST_SCORE } from '../kinds/score/type';
import { today } from '../store/today';

/** What a field is where it is missing: of a list, what each of its items takes. */
export type Defaults = { readonly [name: string]: unknown };
/** What each item of a list takes where one of its fields is missing; a list of what was made has no default itself. */
export class EachItem {
  constructor(readonly fields: Defaults) {}
}

const SECTION: Defaults = { count: 4, marks: 1, instruction: '', seed: 1, material: {}, exchanged: [] };
const SHEET: Defaults = { title: 'Sheet', seed: 1, versions: 1, sections: new EachItem(SECTION) };
/** Of a sheet that was answered only what changes no question. */
const ANSWERED_SHEET: Defaults = { title: 'Sheet', sections: new EachItem({ marks: 1, instruction: '' }) };

/** What the fields of each kind take where a row or a file has none; those that are not here cannot be missed. */
export const DEFAULTS: Readonly<Record<DocumentKind, () => Defaults>> = {
  key: () => ({ ...FIRST.key }),
  intervals: () => ({ ...FIRST.intervals, items: new EachItem({}) }),
  chord: () => ({ ...FIRST.chord }),
  labels: () => ({ ...FIRST.labels }),
  class: () => ({
    ...FIRST_CLASS,
    pupils: new EachItem({ note: '', since: today(), left: false }),
    lessons: new EachItem({ date: today(), taught: '', set: '', remark: '' }),
  }),
  progression: () => ({ title: 'Progression', ...FIRST_PROGRESSION, columns: new EachItem({}) }),
  score: () => ({ title: 'Score', ...FIRST_SCORE }),
  sheet: () => SHEET,
  pile: () => ({
    title: 'Pile',
    date: today(),
    sheet: ANSWERED_SHEET,
    follow: 1,
    pupils: new EachItem({ version: 0 }),
    entries: new EachItem({ at: 0 }),
  }),
  plan: () => ({ ...FIRST_PLAN, drills: new EachItem({}), ticks: new EachItem({}), start: today() }),
};

/** The default of the field at a path; undefined where it has none. */
export function defaultAt(kind: DocumentKind, path: readonly string[]): unknown {
  let at: unknown = DEFAULTS[kind]();
  for (const step of path) {
    if (at instanceof EachItem) {
      if (!/^\d+$/.test(step)) return undefined;
      at = at.fields;
    } else if (typeof at === 'object' && at !== null && Object.hasOwn(at, step)) at = (at as Defaults)[step];
    else return undefined;
  }
  if (at instanceof EachItem) return undefined;
  if (typeof at !== 'object' || at === null || Array.isArray(at)) return at;
  // Lists of what was made are missed in what takes its default too.
  return Object.fromEntries(Object.entries(at).filter(([, one]) => !(one instanceof EachItem)));
}
