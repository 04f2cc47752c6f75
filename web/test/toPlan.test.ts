/** What went wrong becomes practice: in the plan that is there, or in a new one, once. */
import { DEFAULT_LABEL_STYLE, mistakesOut, remedyOf } from '@diatonix/core';
import { checkBody } from '../src/documents/checks/check';
import { FIRST_PLAN, MOST_THEORY, type PlanBody } from '../src/documents/kinds/plan/type';
import { documentsOf } from '../src/documents/store/select';
import { undo, useDocuments } from '../src/documents/store/store';
import { hasRemedy, planAgainst, planTitle, withRemedy } from '../src/documents/kinds/plan/addMistake';
import { theoryId } from '../src/practice/items';
import { askedFor } from '../src/practice/schedule';
import { documentsNow, everywhere, showDemo, showEmpty } from './demo';

const plans = () => documentsOf(documentsNow(), 'plan');
const told = () => useDocuments.getState().told ?? '';
const PLAN: PlanBody = { ...FIRST_PLAN, start: '2026-11-26' };

beforeEach(showEmpty);

test('without a plan one begins for the pupil of the class, and it is said', () => {
  planAgainst('clef-misread', 'tuesday', 'Una Weir', DEFAULT_LABEL_STYLE);
  expect(plans()).toHaveLength(1);
  expect(plans()[0]!.body).toMatchObject({
    title: 'Theory, Una Weir',
    drills: [],
    classId: 'tuesday',
    pupil: 'Una Weir',
  });
  expect(told()).toMatch(/Read in another clef.*new plan “Theory, Una Weir”/);
  expect(checkBody('plan', plans()[0]!.body)).toEqual([]);
});

test('a second mistake comes into the same plan, the same mistake not again', () => {
  planAgainst('clef-misread', 'tuesday', 'Una Weir', DEFAULT_LABEL_STYLE);
  planAgainst('relative-key', 'tuesday', 'Una Weir', DEFAULT_LABEL_STYLE);
  expect(plans()).toHaveLength(1);
  expect(plans()[0]!.body.theory).toHaveLength(2);
  planAgainst('relative-key', 'tuesday', 'Una Weir', DEFAULT_LABEL_STYLE);
  expect(plans()[0]!.body.theory).toHaveLength(2);
  expect(told()).toMatch(/already/);
});

test('a pupil, another pupil and the class have plans of their own', () => {
  for (const pupil of ['Una Weir', 'Tam Holm', null])
    planAgainst('clef-misread', 'tuesday', pupil, DEFAULT_LABEL_STYLE);
  planAgainst('clef-misread', 'beginners', null, DEFAULT_LABEL_STYLE);
  expect(plans().map(({ body }) => [body.classId, body.pupil])).toEqual([
    ['tuesday', 'Una Weir'],
    ['tuesday', 'Tam Holm'],
    ['tuesday', undefined],
    ['beginners', undefined],
  ]);
});

test('the plan of the demo’s pupil is found, and what comes into it is undone', () => {
  showDemo();
  const before = plans()[0]!.body.theory.length;
  planAgainst('relative-key', 'tuesday', 'Dilys Marrack', DEFAULT_LABEL_STYLE);
  expect(plans()).toHaveLength(1);
  expect(plans()[0]!.body.theory).toHaveLength(before + 1);
  undo(everywhere());
  expect(plans()[0]!.body.theory).toHaveLength(before);
});

test('every mistake that is known can be practised against', () => {
  for (const { mistake } of mistakesOut()) {
    const plan = withRemedy(PLAN, mistake);
    expect(hasRemedy(plan, mistake)).toBe(true);
    expect(withRemedy(plan, mistake)).toBe(plan);
    expect(checkBody('plan', plan)).toEqual([]);
  }
});

test('the exercise is practised when it is asked for, whether it is due or not', () => {
  showDemo();
  const planned = planAgainst('relative-key', 'tuesday', 'Dilys Marrack', DEFAULT_LABEL_STYLE)!;
  const { id, body } = plans()[0]!;
  expect(planned).toEqual({ plan: id, place: body.theory.length - 1 });
  const item = theoryId(body, planned.place);
  const { kind, material = {} } = remedyOf('relative-key');
  expect(askedFor(body, item)).toMatchObject({ id: item, theory: { kind, material }, hands: null });
  expect(askedFor(body, 'scale C major')).toBeNull();
  expect(planAgainst('relative-key', 'tuesday', 'Dilys Marrack', DEFAULT_LABEL_STYLE)).toEqual(planned);
});

test('a full plan stays as it is', () => {
  const theory = Array.from({ length: MOST_THEORY }, () => ({ kind: 'note-name', material: {} }));
  const full = { ...PLAN, theory };
  expect(withRemedy(full, 'relative-key')).toBe(full);
});

test('titles are no longer than a title may be', () => {
  expect(planTitle(null)).toBe('Practice');
  expect(planTitle('x'.repeat(300))).toHaveLength(200);
});
