/**
 * Sheets are kept as their seed: what a seed gives may never change, or the sheets of last year change with it. The
 * values were written down when the kinds were first kept; they come from nowhere else.
 */
import { KINDS, askQuestions, kindOf, sheetCode, type MaterialField, type MaterialText } from '../src';
import { QUALITIES } from '../src/exercise/chordQualities';
import { createHash } from 'node:crypto';
import seeds from './seeds.json';

/** Sheets that were made before questions followed their key have these words in their material. */
const BEFORE = ['chromatic'];
const SEVENTHS = [...QUALITIES.seventh];

function materialBefore(kind: string): MaterialText {
  const { materialFields } = kindOf(kind);
  if (!BEFORE.every((field) => materialFields.includes(field as MaterialField))) return {};
  return { chromatic: 'any', ...(kind.startsWith('seventh-') ? { qualities: SEVENTHS } : {}) };
}

const digest = (kind: string, material: MaterialText = {}) => {
  const { questions } = askQuestions({ kind, seed: 2026, count: 5, material });
  const version = askQuestions({ kind, seed: 2026, count: 3, version: 1, material }).questions;
  const givens = JSON.stringify([...questions, ...version].map(({ given }) => given));
  return createHash('sha256').update(givens).digest('hex').slice(0, 12);
};

test.each(KINDS.map(({ id }) => id))('%s asks what it always asked', (kind) => {
  const written = seeds as unknown as Record<string, string> & { readonly inKey: Record<string, string> };
  expect(`${kind} ${digest(kind, materialBefore(kind))}`).toBe(`${kind} ${written[kind]}`);
  expect(`${kind} ${digest(kind)}`).toBe(`${kind} ${written.inKey[kind] ?? written[kind]}`);
});

test('the code of a sheet stays', () => {
  expect(sheetCode({ seed: 7, sections: [{ kind: 'interval-name', count: 3 }] })).toBe(seeds.code);
});
