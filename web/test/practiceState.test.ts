/** What the Practice bench does to its plan. */
import { mistakesOut, remedyOf } from '@diatonix/core';
import { planNow } from '../src/benches/practice/desk';
import {
  addKind,
  addPlan,
  addTheory,
  openPlan,
  removePlan,
  removeTheory,
  renamePlan,
  setPlan,
  setWhom,
  tickOff,
} from '../src/benches/practice/state';
import { checkBody } from '../src/documents/checks/check';
import { MOST_THEORY } from '../src/documents/kinds/plan/type';
import { documentsOf } from '../src/documents/store/select';
import { undo, useDocuments } from '../src/documents/store/store';
import { today } from '../src/documents/store/today';
import { hasRemedy } from '../src/documents/kinds/plan/addMistake';
import { showEmpty } from './demo';

const body = () => planNow()!.body;
const ON = '2026-11-26';

beforeEach(showEmpty);

test('a plan begins today, for a pupil under the pupil’s name', () => {
  addPlan();
  expect(body()).toMatchObject({ title: 'Practice', start: today(), ticks: [] });
  addPlan({ classId: 'one', pupil: 'Ada Brine' });
  expect(body()).toMatchObject({ title: 'Practice, Ada Brine', classId: 'one', pupil: 'Ada Brine' });
  expect(documentsOf(useDocuments.getState().documents, 'plan')).toHaveLength(2);
  expect(checkBody('plan', body())).toEqual([]);
});

test('plans are opened, named and removed; without one there is nothing to change', () => {
  addPlan();
  const first = planNow()!.id;
  addPlan();
  openPlan(first);
  renamePlan('Spring tide');
  expect(body().title).toBe('Spring tide');
  removePlan(first);
  expect(planNow()!.id).not.toBe(first);
  removePlan(planNow()!.id);
  expect(planNow()).toBeNull();
  expect(() => tickOff('scale C major', ON, 'good')).not.toThrow();
});

test('what it is made of changes, the ticks stay', () => {
  addPlan();
  tickOff('scale C major', ON, 'good');
  setPlan({ order: 'flats', minutes: 45 });
  setPlan({ drills: [] });
  expect(body()).toMatchObject({ order: 'flats', minutes: 45, drills: [] });
  expect(body().ticks).toHaveLength(1);
});

test('a class without a pupil, a pupil with a class, or nobody', () => {
  addPlan();
  setWhom('one', 'Ada Brine');
  expect(body()).toMatchObject({ classId: 'one', pupil: 'Ada Brine' });
  setWhom('two', null);
  expect(body().classId).toBe('two');
  expect(body()).not.toHaveProperty('pupil');
  setWhom(null, 'Ada Brine');
  expect(body()).not.toHaveProperty('classId');
  expect(body()).not.toHaveProperty('pupil');
  expect(checkBody('plan', body())).toEqual([]);
});

test('ticks are only ever added, and each is undone by itself', () => {
  addPlan();
  tickOff('scale C major', ON, 'again');
  tickOff('scale C major', ON, 'good');
  expect(body().ticks.map(({ grade }) => grade)).toEqual(['again', 'good']);
  undo({ kinds: ['plan'], open: [planNow()!.id] });
  expect(body().ticks.map(({ grade }) => grade)).toEqual(['again']);
});

test('every mistake has a remedy that a plan can hold, once', () => {
  addPlan();
  for (const { mistake } of mistakesOut().slice(0, 12)) {
    addTheory(mistake);
    addTheory(mistake);
    expect(hasRemedy(body(), mistake)).toBe(true);
  }
  const texts = body().theory.map((one) => JSON.stringify(one));
  expect(new Set(texts).size).toBe(texts.length);
  for (const { mistake } of mistakesOut()) {
    const { kind, material = {} } = remedyOf(mistake);
    expect(checkBody('plan', { ...body(), theory: [{ kind, material }] })).toEqual([]);
  }
});

test('theory that is taken out takes its ticks along; what comes after it keeps its own', () => {
  addPlan();
  for (const kind of ['note-name', 'interval-name', 'triad-name']) addKind(kind);
  tickOff('theory 1 note-name', ON, 'good');
  tickOff('theory 2 interval-name', ON, 'hard');
  tickOff('theory 3 triad-name', ON, 'easy');
  tickOff('scale C major', ON, 'good');
  removeTheory(1);
  expect(body().theory.map(({ kind }) => kind)).toEqual(['note-name', 'triad-name']);
  expect(body().ticks.map(({ item }) => item)).toEqual([
    'theory 1 note-name',
    'theory 2 triad-name',
    'scale C major',
  ]);
});

test('a plan holds no more theory than it can', () => {
  addPlan();
  for (let count = 0; count < MOST_THEORY + 5; count++) addKind('note-name');
  expect(body().theory).toHaveLength(MOST_THEORY);
  expect(checkBody('plan', body())).toEqual([]);
});
