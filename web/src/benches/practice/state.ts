import { newId } from '../../documents/store/ids';
import { FIRST_PLAN, MOST_THEORY, type Grade, type PlanBody } from '../../documents/kinds/plan/type';
import { addDocument, editDocument, removeDocument } from '../../documents/store/store';
import { today } from '../../documents/store/today';
import { planTitle, withRemedy } from '../../documents/kinds/plan/addMistake';
import { planNow, PRACTICE_DESK } from './desk';

function change(words: string, update: (plan: PlanBody) => PlanBody, burst?: string): void {
  const open = planNow();
  if (open) editDocument(open, words, update, burst && `${burst} ${open.id}`);
}

export const openPlan = (id: string) =>
  PRACTICE_DESK.set({ open: id, day: null, item: null, printing: false });

/** Adds a plan that begins today, for a pupil of a class, for a class, or for nobody yet. */
export function addPlan(whom: Pick<PlanBody, 'classId' | 'pupil'> = {}): void {
  const title = planTitle(whom.pupil ?? null);
  openPlan(addDocument('plan', newId(), { ...FIRST_PLAN, ...whom, title, start: today() }, 'the new plan'));
}

export function removePlan(id: string): void {
  removeDocument(id, 'the removed plan');
  openPlan('');
}

export const renamePlan = (title: string) =>
  change('the title', (plan) => ({ ...plan, title }), 'plan-title');

/** Changes what the plan is made of. */
export const setPlan = (part: Partial<Omit<PlanBody, 'ticks' | 'theory'>>) =>
  change('the plan', (plan) => ({ ...plan, ...part }), `plan ${Object.keys(part).join()}`);

/** Whom the plan is for; without a class it is for nobody in particular. */
export const setWhom = (classId: string | null, pupil: string | null) =>
  change('whom the plan is for', ({ classId: _class, pupil: _pupil, ...plan }) => ({
    ...plan,
    ...(classId ? { classId } : {}),
    ...(classId && pupil ? { pupil } : {}),
  }));

/** Ticks an item off on a day. What was ticked before stays. */
export const tickOff = (item: string, on: string, grade: Grade) =>
  change('what was practised', (plan) => ({ ...plan, ticks: [...plan.ticks, { item, on, grade }] }));

/** Adds the exercise that trains a mistake; one that is there already stays alone. */
export const addTheory = (mistake: string) => change('the added theory', (plan) => withRemedy(plan, mistake));

/** Adds a kind of exercise with its usual material. */
export const addKind = (kind: string) =>
  change('the added theory', (plan) => ({
    ...plan,
    theory: [...plan.theory, { kind, material: {} }].slice(0, MOST_THEORY),
  }));

/** Takes a piece of theory out. Those after it keep what was ticked off: their names hold their places. */
export const removeTheory = (at: number) =>
  change('the removed theory', (plan) => ({
    ...plan,
    theory: plan.theory.filter((_, index) => index !== at),
    ticks: plan.ticks.flatMap((tick) => {
      const place = /^theory (\d+) (.*)$/.exec(tick.item);
      if (!place || Number(place[1]) <= at) return [tick];
      if (Number(place[1]) === at + 1) return [];
      return [{ ...tick, item: `theory ${Number(place[1]) - 1} ${place[2]}` }];
    }),
  }));
