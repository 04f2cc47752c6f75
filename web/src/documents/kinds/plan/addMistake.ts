import { mistakeName, remedyOf, type LabelStyle } from '@diatonix/core';
import { newId } from '../../store/ids';
import { FIRST_PLAN, MOST_THEORY, type PlanBody } from './type';
import { documentsOf } from '../../store/select';
import { addDocument, editDocument, tell, useDocuments } from '../../store/store';
import { today } from '../../store/today';

/** Whether a plan trains a mistake already. */
export function hasRemedy(plan: PlanBody, mistake: string): boolean {
  const { kind, material = {} } = remedyOf(mistake);
  return plan.theory.some(
    (one) => one.kind === kind && JSON.stringify(one.material) === JSON.stringify(material),
  );
}

/** The plan with the exercise that trains a mistake; as it was where that is in it already, or it is full. */
export function withRemedy(plan: PlanBody, mistake: string): PlanBody {
  if (hasRemedy(plan, mistake) || plan.theory.length >= MOST_THEORY) return plan;
  const { kind, material = {} } = remedyOf(mistake);
  return { ...plan, theory: [...plan.theory, { kind, material }] };
}

/** What a plan is called for a pupil, or for a class. */
export const planTitle = (pupil: string | null): string =>
  (pupil === null ? FIRST_PLAN.title : `${FIRST_PLAN.title}, ${pupil}`).slice(0, 200);

/** Puts the exercise that trains a mistake into the plan of a pupil or a class, or into a new one, and says so. */
export function planAgainst(
  mistake: string,
  classId: string,
  pupil: string | null,
  school: LabelStyle,
): void {
  const plans = documentsOf(useDocuments.getState().documents, 'plan');
  const own = plans.find(({ body }) => body.classId === classId && (body.pupil ?? null) === pupil);
  const what = `An exercise against “${mistakeName(mistake, school)}”`;
  if (own) {
    if (hasRemedy(own.body, mistake)) return tell(`${what} is in the plan “${own.body.title}” already.`);
    editDocument(own, 'the added theory', (plan: PlanBody) => withRemedy(plan, mistake));
    return tell(`${what} is in the plan “${own.body.title}”.`);
  }
  const body: PlanBody = {
    ...FIRST_PLAN,
    title: planTitle(pupil),
    classId,
    ...(pupil === null ? {} : { pupil }),
    start: today(),
  };
  addDocument('plan', newId(), withRemedy(body, mistake), 'the new plan');
  tell(`${what} is in the new plan “${body.title}”.`);
}
