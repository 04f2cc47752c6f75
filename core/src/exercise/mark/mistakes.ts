import { TheoryError } from '../../errors';
import type { Mistake } from './mistake';
import { CHORD_MISTAKES } from './mistakes/chords';
import { INTERVAL_MISTAKES } from './mistakes/intervals';
import { KEY_MISTAKES } from './mistakes/keys';
import { LINE_MISTAKES } from './mistakes/lines';
import { NUMERAL_MISTAKES } from './mistakes/numerals';
import { READING_MISTAKES } from './mistakes/reading';

/** Every way of going wrong that is known, the likeliest first within what it is about. */
export const MISTAKES: readonly Mistake[] = [
  ...READING_MISTAKES,
  ...INTERVAL_MISTAKES,
  ...CHORD_MISTAKES,
  ...KEY_MISTAKES,
  ...NUMERAL_MISTAKES,
  ...LINE_MISTAKES,
];

/** Kinds whose answers are several labels: each is marked as one. */
export const LABELLED_ONE_BY_ONE: Readonly<Record<string, string>> = {
  'progression-label': 'numeral-label',
  'score-label': 'numeral-label',
};

/** The mistakes of a kind. What is labelled chord by chord goes wrong as single chords do. */
export function mistakesOf(kind: string): readonly Mistake[] {
  const own = LABELLED_ONE_BY_ONE[kind] ?? kind;
  return MISTAKES.filter(({ kinds }) => kinds.includes(own));
}

/** A cause by its name, with the kinds in which it is known. */
export interface MistakeOut {
  readonly mistake: string;
  readonly kinds: readonly string[];
}

/** Every cause with its kinds of exercise. */
export function mistakesOut(): MistakeOut[] {
  const ids = [...new Set(MISTAKES.map(({ id }) => id))];
  return ids.map((id) => {
    const kinds = new Set(MISTAKES.filter((one) => one.id === id).flatMap((one) => one.kinds));
    for (const [kind, own] of Object.entries(LABELLED_ONE_BY_ONE)) if (kinds.has(own)) kinds.add(kind);
    return { mistake: id, kinds: [...kinds] };
  });
}

/** Checks the name of a mistake. Throws TheoryError `request` for one that is none. */
export function knownMistake(id: string): string {
  if (MISTAKES.some((one) => one.id === id)) return id;
  const all = [...new Set(MISTAKES.map((one) => one.id))].join(', ');
  throw new TheoryError('request', id, 'there is no such mistake.', `The mistakes are ${all}.`);
}
