import { mistakeName, remedyOf, type LabelStyle } from '@diatonix/core';
import { newId } from '../../store/ids';
import { FIRST_PLAN, MOST_THEORY, type PlanBody } from './type';
import { documentsOf } from '../../store/select';
import { addDocument, editDocument, tell, useDocuments } from '../../store/store';
import { today } from '../../store/today';

/** The place of the exercise that trains a mistake among the theory of a plan; -1 where it has none. */
function placeOf(plan: PlanBody, mistake: string): number {
  const { kind, material = {} } = remedyOf(mistake);
  return plan.theory.findIndex(
    (one) => one.kind === kind && JSON.stringify(one.material) === JSON.stringify(material),
  );
}

/** Whether a plan trains a mistake already. */
export const hasRemedy = (plan: PlanBody, mistake: string): boolean => placeOf(plan, mistake) >= 0;

/** The plan with the exercise that trains a mistake; as it was where that is in it already, or it is full. */
export function withRemedy(plan: PlanBody, mistake: string): PlanBody {
  if (hasRemedy(plan, mistake) || plan.theory.length >= MOST_THEORY) return plan;
  const { kind, material = {} } = remedyOf(mistake);
  return { ...plan, theory: [...plan.theory, { kind, material }] };
}

/** What a plan is called for a pupil, or for a class. */
export const planTitle = (pupil: string | null, name = FIRST_PLAN.title): string =>
  (pupil === null ? name : `${name}, ${pupil}`).slice(0, 200);

/** A plan, and the place of an exercise among its theory. */
export interface PlannedTheory {
  readonly plan: string;
  readonly place: number;
}

/**
 * Puts the exercise that trains a mistake into the plan of a pupil or a class, or into a new one of theory alone, and
 * says so; gives where it stands. Null where the plan is full.
 */
export function planAgainst(
  mistake: string,
  classId: string,
  pupil: string | null,
  school: LabelStyle,
): PlannedTheory | null {
  const plans = documentsOf(useDocuments.getState().documents, 'plan');
  const own = plans.find(({ body }) => body.classId === classId && (body.pupil ?? null) === pupil);
  const what = `An exercise against “${mistakeName(mistake, school)}”`;
  if (own) {
    const after = withRemedy(own.body, mistake);
    const had = hasRemedy(own.body, mistake);
    if (!had && after === own.body) {
      tell(`The plan “${own.body.title}” holds ${MOST_THEORY} exercises already: remove one first.`);
      return null;
    }
    if (!had) editDocument(own, 'the added theory', (plan: PlanBody) => withRemedy(plan, mistake));
    tell(`${what} is in the plan “${own.body.title}”${had ? ' already' : ''}.`);
    return { plan: own.id, place: placeOf(after, mistake) };
  }
  const body: PlanBody = {
    ...FIRST_PLAN,
    drills: [],
    title: planTitle(pupil, 'Theory'),
    classId,
    ...(pupil === null ? {} : { pupil }),
    start: today(),
  };
  const id = newId();
  addDocument('plan', id, withRemedy(body, mistake), 'the new plan');
  tell(`${what} is in the new plan “${body.title}”.`);
  return { plan: id, place: 0 };
}
