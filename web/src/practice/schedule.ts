import { HANDS, type Hands } from '@diatonix/core';
import { createEmptyCard, fsrs, Rating, type Card, type Grade as FsrsGrade } from 'ts-fsrs';
import type { Grade, PlanBody, Tick } from '../documents/kinds/plan/type';
import { dayAfter, dayOf, noonOf } from './days';
import { isTheory, itemsOf, LAST_STAGE, type PlanItem } from './items';

/** Days are spaced by the package alone: no dice, and no steps within a day. */
const SPACING = fsrs({ enable_fuzz: false, enable_short_term: false });
const RATINGS: Readonly<Record<Grade, FsrsGrade>> = {
  again: Rating.Again,
  hard: Rating.Hard,
  good: Rating.Good,
  easy: Rating.Easy,
};
/** So often well in a row, and the next hand comes. */
const HOLDS = 2;
/** New items on one day at most. */
const MOST_NEW = 3;
/** The share of items begun that have to hold before new ones come. */
const SHARE_HOLDING = 0.5;

/** Where an item stands after what was ticked off. */
export interface ItemState {
  /** The day on which it is due again. */
  readonly due: string;
  /** How far the hands have come, from 0. */
  readonly stage: number;
  /** Times well in a row at this stage. */
  readonly run: number;
  readonly last: Grade;
  readonly lastDay: string;
  readonly card: Card;
}

/** What became of each tick: a year of them is worked through once, not for every edit and day. */
const KNOWN = new WeakMap<Tick, { readonly before: ItemState | undefined; readonly after: ItemState }>();

function ticked(before: ItemState | undefined, tick: Tick): ItemState {
  const known = KNOWN.get(tick);
  if (known && known.before === before) return known.after;
  const after = oneFurther(before, tick);
  KNOWN.set(tick, { before, after });
  return after;
}

/** One tick further. A new hand is tried the next day, whatever the spacing says. */
function oneFurther(before: ItemState | undefined, { on, grade, item }: Tick): ItemState {
  const now = noonOf(on);
  const card = SPACING.next(before?.card ?? createEmptyCard(now), now, RATINGS[grade]).card;
  const well = grade === 'good' || grade === 'easy';
  const run = well ? (before?.run ?? 0) + 1 : 0;
  const stage = before?.stage ?? 0;
  const further = !isTheory(item) && stage < LAST_STAGE && (run >= HOLDS || grade === 'easy');
  const due = further ? dayAfter(on) : dayOf(card.due);
  return {
    due: due > on ? due : dayAfter(on),
    stage: further ? stage + 1 : stage,
    run: further ? 0 : run,
    last: grade,
    lastDay: on,
    card,
  };
}

/** Ticks day by day; those of one day as they came. */
const inOrder = (ticks: readonly Tick[]): readonly Tick[] =>
  [...ticks].sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0));

/** Where every item stands that was ticked off at least once. */
export function practiceStates(ticks: readonly Tick[]): Map<string, ItemState> {
  const states = new Map<string, ItemState>();
  for (const tick of inOrder(ticks)) states.set(tick.item, ticked(states.get(tick.item), tick));
  return states;
}

/** An item on a day: how it is played then, and whether it is due, new, or has been done. */
export interface DayItem extends PlanItem {
  /** Null for theory, which needs no hands. */
  readonly hands: Hands | null;
  readonly why: 'due' | 'new' | 'done';
  readonly grade: Grade | null;
}

export interface DayPlan {
  readonly day: string;
  readonly items: readonly DayItem[];
  readonly minutes: number;
  /** A pause comes before the items at these places. */
  readonly pauses: readonly number[];
}

const handsOf = (id: string, stage: number): Hands | null => (isTheory(id) ? null : HANDS[stage]!);

/** A piece of theory as it is practised when somebody asks for it, whether it is due or not; null for what is none. */
export function askedFor(plan: PlanBody, id: string | null): DayItem | null {
  const item = itemsOf(plan).find((one) => one.id === id && one.theory !== null);
  return item ? { ...item, hands: null, why: 'new', grade: null } : null;
}

/** What a day holds: what was done, then what is due, the longest due first, then new items while time is left. */
function planDay(plan: PlanBody, items: readonly PlanItem[], ticks: readonly Tick[], day: string): DayPlan {
  const done = ticks.filter(({ on }) => on === day);
  const before = practiceStates(ticks.filter(({ on }) => on < day));
  const doneItems = [...new Map(done.map((tick) => [tick.item, tick.grade]))].flatMap(
    ([id, grade]): DayItem[] => {
      const item = items.find((one) => one.id === id);
      return item ? [{ ...item, hands: handsOf(id, before.get(id)?.stage ?? 0), why: 'done', grade }] : [];
    },
  );
  const was = new Set(done.map(({ item }) => item));
  const open = items.filter(({ id }) => !was.has(id));
  const due = open
    .filter(({ id }) => (before.get(id)?.due ?? '9') <= day)
    .sort((a, b) => (before.get(a.id)!.due < before.get(b.id)!.due ? -1 : 1));
  const chosen = [...doneItems];
  const room = (minutes: number) =>
    chosen.reduce((sum, item) => sum + item.minutes, 0) + minutes <= plan.minutes;
  for (const item of due)
    if (room(item.minutes))
      chosen.push({ ...item, hands: handsOf(item.id, before.get(item.id)!.stage), why: 'due', grade: null });
  const begun = [...before.values()];
  const holding = begun.filter(({ last }) => last === 'good' || last === 'easy').length;
  const mayBegin = day >= plan.start && holding >= begun.length * SHARE_HOLDING;
  let fresh = doneItems.filter(({ id }) => !before.has(id)).length;
  for (const item of open) {
    if (!mayBegin || fresh >= MOST_NEW || before.has(item.id)) continue;
    // The order of the keys is kept: what does not fit today is not passed over.
    if (!room(item.minutes)) break;
    chosen.push({ ...item, hands: handsOf(item.id, 0), why: 'new', grade: null });
    fresh++;
  }
  return {
    day,
    items: chosen,
    minutes: chosen.reduce((sum, item) => sum + item.minutes, 0),
    pauses: pausesOf(chosen, plan.pause),
  };
}

function pausesOf(items: readonly PlanItem[], every: number): number[] {
  if (every === 0) return [];
  const pauses: number[] = [];
  let since = 0;
  items.forEach(({ minutes }, at) => {
    if (since > 0 && since + minutes > every) {
      pauses.push(at);
      since = 0;
    }
    since += minutes;
  });
  return pauses;
}

/** The days of a plan: as they were until today, and as they will be if all goes well. */
export function daysOf(plan: PlanBody, days: readonly string[], today: string): DayPlan[] {
  const items = itemsOf(plan);
  let ticks = plan.ticks;
  const last = days.at(-1) ?? today;
  // What lies ahead is thought to go well, from today on.
  for (let day = today < plan.start ? plan.start : today; day < last; day = dayAfter(day)) {
    const { items: own } = planDay(plan, items, ticks, day);
    ticks = [
      ...ticks,
      ...own.flatMap(({ id, why }): Tick[] => (why === 'done' ? [] : [{ item: id, on: day, grade: 'good' }])),
    ];
  }
  const own = new Set(plan.ticks);
  return days.map((day) => {
    if (day < today) return pastDay(planDay(plan, items, plan.ticks, day));
    return planDay(
      plan,
      items,
      ticks.filter((tick) => own.has(tick) || tick.on < day),
      day,
    );
  });
}

/** Of a day that is over, what was done. */
function pastDay({ day, items }: DayPlan): DayPlan {
  const done = items.filter(({ why }) => why === 'done');
  return { day, items: done, minutes: done.reduce((sum, { minutes }) => sum + minutes, 0), pauses: [] };
}

/** What was begun and rests on a day, with the day on which it comes again; the soonest first. */
export function restingOn(plan: PlanBody, day: string): { readonly id: string; readonly due: string }[] {
  return [...practiceStates(plan.ticks)]
    .filter(([, { due }]) => due > day)
    .map(([id, { due }]) => ({ id, due }))
    .sort((a, b) => (a.due < b.due ? -1 : 1));
}
