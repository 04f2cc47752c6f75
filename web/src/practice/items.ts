import { drillId, HANDS, keysInOrder, kindWords, parseDrill, type Drill, type Hands } from '@diatonix/core';
import type { PlanBody, TheoryItem } from '../documents/kinds/plan';

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

/** The items of a plan in the order in which they are met: key by key, a piece of theory after each. */
export function itemsOf(plan: PlanBody): PlanItem[] {
  const theory = plan.theory.map((item, at): PlanItem => ({
    id: `${THEORY}${at + 1} ${item.kind}`,
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

const DRILL_NAMES: Readonly<Record<Drill, string>> = {
  scale: 'scale',
  triads: 'triad and inversions',
  primary: 'primary chords',
  sevenths: 'dominant seventh and inversions',
  arpeggio: 'arpeggio',
};
export const drillName = (drill: Drill): string => DRILL_NAMES[drill];

const signed = (key: string) => key.replace('#', '♯').replace(/(?<=^[A-G])b/, '♭');

const SHORT: Readonly<Record<Drill, string>> = { ...DRILL_NAMES, triads: 'triads', sevenths: 'sevenths' };

/** An item in two short lines: the key and what is played in it, or theory and its kind. */
export function itemLines(id: string): readonly [string, string] {
  if (isTheory(id)) return ['Theory', itemWords(id)];
  const { drill, key, form } = parseDrill(id);
  return [signed(key), `${form && form !== 'natural' ? `${form} ` : ''}${SHORT[drill]}`];
}

/** An item in words: `C major, scale`. */
export function itemWords(id: string): string {
  if (isTheory(id)) return kindWords(id.split(' ')[2] ?? '').name;
  const { drill, key, form } = parseDrill(id);
  return `${signed(key)}, ${form && form !== 'natural' ? `${form} ` : ''}${DRILL_NAMES[drill]}`;
}

const HAND_WORDS: Readonly<Record<Hands, string>> = {
  right: 'right hand',
  left: 'left hand',
  together: 'hands together',
  unseen: 'without looking',
};
export const handWords = (hands: Hands): string => HAND_WORDS[hands];
export const LAST_STAGE = HANDS.length - 1;
