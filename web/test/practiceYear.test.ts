/** A year of practice with whatever grades come: what holds of every plan on every day. */
import {
  DEFAULT_LABEL_STYLE,
  HANDS,
  KEY_MODES,
  KEY_ORDERS,
  drillMoments,
  drillNotes,
  parseDrill,
  parseKey,
} from '@diatonix/core';
import fc from 'fast-check';
import { FIRST_PLAN, GRADES, type Grade, type PlanBody, type Tick } from '../src/documents/kinds/plan/type';
import { dayAfter, noonOf, weekOf } from '../src/practice/days';
import { isTheory, itemLine, itemLines, itemsOf, itemWords, LAST_STAGE } from '../src/practice/items';
import { daysOf, restingOn, practiceStates, type DayPlan } from '../src/practice/schedule';

const START = '2026-09-07';
const plans = fc.record({
  order: fc.constantFrom(...KEY_ORDERS),
  modes: fc.constantFrom(...KEY_MODES),
  most: fc.integer({ min: 0, max: 6 }),
  minutes: fc.integer({ min: 5, max: 60 }),
  pause: fc.constantFrom(0, 5, 10, 15),
});
const grades = fc.array(fc.constantFrom<Grade>(...GRADES), { minLength: 30, maxLength: 30 });
const planOf = (change: Partial<PlanBody>): PlanBody => ({
  ...FIRST_PLAN,
  start: START,
  theory: [{ kind: 'interval-name', material: {} }],
  ...change,
});

/** Practises day by day as it is planned, with grades in turn; gives the days as they were. */
function practise(plan: PlanBody, marks: readonly Grade[], days: number) {
  let ticks: readonly Tick[] = [];
  const was: DayPlan[] = [];
  let turn = 0;
  for (let on = START, count = 0; count < days; count++, on = dayAfter(on)) {
    const day = daysOf({ ...plan, ticks }, [on], on)[0]!;
    was.push(day);
    ticks = [
      ...ticks,
      ...day.items.map(({ id }): Tick => ({ item: id, on, grade: marks[turn++ % marks.length]! })),
    ];
  }
  return { was, ticks };
}

test('no day holds more minutes than were asked for, nor an item twice, nor more than three new ones', () => {
  fc.assert(
    fc.property(plans, grades, (change, marks) => {
      const plan = planOf(change);
      for (const { items, minutes } of practise(plan, marks, 30).was) {
        expect(minutes).toBeLessThanOrEqual(plan.minutes);
        expect(minutes).toBe(items.reduce((sum, item) => sum + item.minutes, 0));
        expect(new Set(items.map(({ id }) => id)).size).toBe(items.length);
        expect(items.filter(({ why }) => why === 'new').length).toBeLessThanOrEqual(3);
      }
    }),
    { seed: 5, numRuns: 12 },
  );
});

test('items are begun in the order of the plan, and none is passed over', () => {
  fc.assert(
    fc.property(plans, (change) => {
      const plan = planOf(change);
      const order = itemsOf(plan).map(({ id }) => id);
      const { was } = practise(plan, ['good'], 40);
      const begun = was.flatMap(({ items }) => items.filter(({ why }) => why === 'new').map(({ id }) => id));
      expect(begun).toEqual(order.slice(0, begun.length));
    }),
    { seed: 6, numRuns: 15 },
  );
});

test('hands come in their order and never go back', () => {
  fc.assert(
    fc.property(plans, grades, (change, marks) => {
      const { ticks } = practise(planOf(change), marks, 30);
      const stages = new Map<string, number>();
      for (let count = 1; count <= ticks.length; count += 7)
        for (const [id, { stage }] of practiceStates(ticks.slice(0, count))) {
          expect(stage).toBeGreaterThanOrEqual(stages.get(id) ?? 0);
          expect(stage).toBeLessThanOrEqual(isTheory(id) ? 0 : LAST_STAGE);
          stages.set(id, stage);
        }
    }),
    { seed: 7, numRuns: 8 },
  );
});

test('what was practised rests at least until the next day', () => {
  fc.assert(
    fc.property(plans, grades, (change, marks) => {
      const { ticks } = practise(planOf(change), marks, 20);
      for (const { due, lastDay } of practiceStates(ticks).values()) expect(due > lastDay).toBe(true);
    }),
    { seed: 8, numRuns: 10 },
  );
});

test('only trouble keeps new keys away for ever; all well, the round is gone through', () => {
  const plan = planOf({ most: 1, minutes: 60 });
  const well = practise(plan, ['good'], 60).was.flatMap(({ items }) => items.map(({ id }) => id));
  expect(new Set(well)).toEqual(new Set(itemsOf(plan).map(({ id }) => id)));
  const badly = practise(plan, ['again'], 60).was.flatMap(({ items }) => items.map(({ id }) => id));
  expect(new Set(badly).size).toBe(3);
});

test('gaps grow where all goes well: a year needs fewer and fewer minutes for what holds', () => {
  const plan = planOf({ most: 0, drills: ['scale'], theory: [], minutes: 60 });
  const days = practise(plan, ['good'], 365).was.filter(({ items }) => items.length > 0);
  const gaps = days
    .slice(1)
    .map(({ day }, at) => (noonOf(day).getTime() - noonOf(days[at]!.day).getTime()) / 864e5);
  expect(gaps.length).toBeLessThan(25);
  expect(gaps.at(-1)!).toBeGreaterThan(30);
});

test('a week ahead says the same as the days when they come, if all goes well', () => {
  const plan = planOf({});
  const ahead = daysOf(plan, weekOf(START), START);
  const { was } = practise(plan, ['good'], 7);
  expect(ahead.map(({ items }) => items.map(({ id, hands }) => [id, hands]))).toEqual(
    was.map(({ items }) => items.map(({ id, hands }) => [id, hands])),
  );
});

test('what rests is what was begun and is not due, and comes when it is told', () => {
  const plan = planOf({ minutes: 60 });
  const { ticks } = practise(plan, ['good', 'easy', 'hard'], 12);
  const now = dayAfter(START, 12);
  const body = { ...plan, ticks };
  const resting = restingOn(body, now);
  const due = new Set(
    daysOf(body, [now], now)[0]!
      .items.filter(({ why }) => why === 'due')
      .map(({ id }) => id),
  );
  for (const { id, due: on } of resting) {
    expect(due.has(id)).toBe(false);
    expect(practiceStates(ticks).get(id)!.due).toBe(on);
  }
  const begun = new Set(ticks.map(({ item }) => item));
  expect(resting.length + due.size).toBeLessThanOrEqual(begun.size);
});

test('every item of every plan has its words, its line in a calendar, and notes to be played', () => {
  for (const modes of KEY_MODES)
    for (const { id, minutes, theory } of itemsOf(
      planOf({ modes, most: 6, drills: [...FIRST_PLAN.drills, 'sevenths'] }),
    )) {
      expect(itemWords(id, DEFAULT_LABEL_STYLE)).not.toMatch(/undefined|#|\bb\b/);
      expect(itemLines(id, DEFAULT_LABEL_STYLE).every((line) => line.length > 0 && line.length < 30)).toBe(
        true,
      );
      const line = itemLine({ id, minutes, hands: theory ? null : 'right' }, DEFAULT_LABEL_STYLE);
      expect(line).toMatch(/\(\d min\)$/);
      if (theory) continue;
      const { drill, key, form } = parseDrill(id);
      for (const hands of HANDS)
        expect(
          drillMoments(drillNotes(drill, parseKey(key), form), hands).every((own) => own.length > 0),
        ).toBe(true);
    }
});
