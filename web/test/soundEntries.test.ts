/** The quick look at answers of a pile and the class that checks them say the same of whatever stands there. */
import fc from 'fast-check';
import { wrongsOf } from '../src/documents/checks/check';
import { isSoundEntry } from '../src/documents/checks/soundEntries';
import type { PileBody } from '../src/documents/kinds/pile/type';

const PILE: Omit<PileBody, 'entries'> = {
  title: 'Pile',
  date: '2026-11-26',
  sheet: { title: 'Sheet', seed: 1, versions: 1, sections: [] },
  follow: 1,
  pupils: [],
};

const odd = fc.constantFrom<unknown>(
  ...[null, undefined, '', 'x', 'x'.repeat(61), 'x'.repeat(301), 'x'.repeat(501), 0, -1, 50, 101, NaN],
  ...[
    Infinity,
    true,
    [],
    {},
    ['a'],
    ['a', 1],
    Array(5).fill('a'),
    'class',
    'file',
    'right',
    'minor 7',
    '1.2',
  ],
);
const or = <T>(sound: fc.Arbitrary<T>) =>
  fc.oneof({ weight: 25, arbitrary: sound }, { weight: 1, arbitrary: odd });
const result = fc.record(
  {
    verdict: or(fc.constantFrom('right', 'wrong', 'unreadable')),
    got: or(fc.integer({ min: 0, max: 100 })),
    of: or(fc.integer({ min: 0, max: 100 })),
    causes: or(fc.array(fc.string({ maxLength: 20 }), { maxLength: 4 })),
    degree: or(fc.constantFrom('major 1', 'minor 7')),
  },
  { requiredKeys: ['verdict', 'got', 'of'] },
);
const entry = fc.record(
  {
    id: or(fc.string({ maxLength: 10 })),
    by: or(fc.constantFrom('class', 'file')),
    pupil: or(fc.string({ maxLength: 20 })),
    question: or(fc.constantFrom('0.0', '12.345', '1.1')),
    answer: or(fc.string({ maxLength: 40 })),
    at: or(fc.integer()),
    marks: or(fc.integer({ min: 0, max: 100 })),
    remark: or(fc.string({ maxLength: 40 })),
    result: or(result),
  },
  { requiredKeys: ['pupil', 'question', 'answer', 'at'] },
);

test('they agree on any answer', () => {
  const seen = { sound: 0, wrong: 0 };
  fc.assert(
    fc.property(entry, fc.nat(19), (sound, dice) => {
      const one: object = dice === 0 ? { ...sound, surprise: 1 } : sound;
      // A second one that is wrong in any case makes the class look at every answer.
      const wrongs = wrongsOf('pile', { ...PILE, entries: [one, { pupil: 7 }] });
      const own = wrongs.filter(({ path }) => path[1] === '0');
      seen[own.length === 0 ? 'sound' : 'wrong']++;
      expect(isSoundEntry(one)).toBe(own.length === 0);
    }),
    { numRuns: 400 },
  );
  expect(Math.min(seen.sound, seen.wrong)).toBeGreaterThan(40);
});
