import {
  drillId,
  drillLines,
  drillWords,
  HANDS,
  handWords,
  keysInOrder,
  kindWords,
  parseDrill,
  type Drill,
  type Hands,
  type LabelStyle,
} from '@diatonix/core';
import type { PlanBody, TheoryItem } from '../documents/kinds/plan/type';

/** Minutes that a round of each takes (from teaching: set by hand). */
const MINUTES: Readonly<Record<Drill, number>> = {
  scale: 3,
  triads: 3,
  primary: 4,
  sevenths: 4,
  arpeggio: 3,
};
const THEORY_MINUTES = 4;
const THEORY = 'theory ';

/** Something of a plan that is practised by itself: `scale C major`, `theory 2 interval-name`. */
export interface PlanItem {
  readonly id: string;
  readonly minutes: number;
  readonly theory: TheoryItem | null;
}

/** The id of a piece of theory by its place in the plan. */
export const theoryId = ({ theory }: Pick<PlanBody, 'theory'>, place: number): string =>
  `${THEORY}${place + 1} ${theory[place]?.kind}`;

/** The items of a plan in the order in which they are met: key by key, a piece of theory after each. */
export function itemsOf(plan: PlanBody): PlanItem[] {
  const theory = plan.theory.map((item, at): PlanItem => ({
    id: theoryId(plan, at),
    minutes: THEORY_MINUTES,
    theory: item,
  }));
  const keys = keysInOrder(plan.order, plan.modes, plan.most);
  const items = keys.flatMap((key, at) => [
    ...plan.drills.map((drill): PlanItem => {
      const minor = drill === 'scale' && key.endsWith('minor');
      return {
        id: drillId({ drill, key, ...(minor ? { form: plan.form } : {}) }),
        minutes: MINUTES[drill],
        theory: null,
      };
    }),
    ...theory.slice(at, at + 1),
  ]);
  return [...items, ...theory.slice(keys.length)];
}

export const isTheory = (id: string): boolean => id.startsWith(THEORY);

/** An item in two short lines: the key and what is played in it, or theory and its kind. */
export function itemLines(id: string, school: LabelStyle): readonly [string, string] {
  return isTheory(id) ? ['Theory', itemWords(id, school)] : drillLines(parseDrill(id), school);
}

/** An item in words: `C major, scale`, or the kind of exercise. */
export function itemWords(id: string, school: LabelStyle): string {
  return isTheory(id) ? kindWords(id.split(' ')[2] ?? '').name : drillWords(parseDrill(id), school);
}

/** An item of a day with its hands and minutes, in a line. */
export const itemLine = (
  { id, hands, minutes }: Pick<PlanItem, 'id' | 'minutes'> & { readonly hands: Hands | null },
  school: LabelStyle,
): string => `${itemWords(id, school)}${hands ? `, ${handWords(hands)}` : ''} (${minutes} min)`;

export const LAST_STAGE = HANDS.length - 1;
