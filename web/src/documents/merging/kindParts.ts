import type { RulingRow } from '@diatonix/core';
import type { Kind } from '../document';
import type { TheoryItem, Tick } from '../kinds/plan';
import { fields, items, members, together, whole, type Part } from './part';
import { pile } from './pileParts';
import { scoreRows } from './scoreParts';
import { sheetFields } from './sheetParts';

const column = together(['entry', 'unread'], fields());

/** How two changes of one document come together, for every kind: the one place that says so. */
export const KIND_PARTS: Readonly<Record<Kind, Part>> = {
  key: fields({ print: fields({ keys: members }) }),
  intervals: fields({ answers: fields(), inversionAnswers: fields(), items: items() }),
  chord: fields(),
  labels: fields({ symbols: fields() }),
  class: fields({
    notYetTaught: fields({ major: members, minor: members }),
    pupils: items(fields()),
    lessons: items(fields()),
  }),
  progression: fields({ columns: items(column), hidden: members, blank: members, weights: fields() }),
  score: fields({
    score: scoreRows,
    rulings: items(whole, ({ kind, from }: RulingRow) => `${kind} ${from}`),
    hidden: members,
    waived: members,
  }),
  sheet: sheetFields,
  pile,
  plan: fields({
    drills: members,
    theory: items(whole, (one: TheoryItem) => JSON.stringify(one)),
    ticks: items(whole, ({ item, on, grade }: Tick) => `${item} ${on} ${grade}`),
  }),
};
