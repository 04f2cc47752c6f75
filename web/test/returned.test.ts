/** Files that pupils hand in: put on the pile once, what is wrong with single ones told, nothing lost. */
import { KINDS, DEFAULT_LABEL_STYLE, makeSheet, typedAnswer } from '@diatonix/core';
import { checkBody } from '../src/documents/checks/check';
import type { PileBody } from '../src/documents/kinds/pile/type';
import type { SheetBody } from '../src/documents/kinds/sheet/type';
import { markPile, versionsOf } from '../src/documents/marking/markPile';
import { takeReturned } from '../src/documents/marking/returned';
import { specOf } from '../src/documents/kinds/sheet/spec';

const section = (kind: string, count: number, seed = 0) => ({
  id: `${kind} ${seed}`,
  ...{ kind, count, marks: 2, instruction: '', seed, material: {}, exchanged: [] },
});
const SHEET: SheetBody = {
  title: 'Ebb and flow',
  seed: 8,
  versions: 2,
  sections: [section('interval-name', 3), section('triad-name', 2)],
};
const PILE: PileBody = {
  title: 'Ebb and flow',
  date: '2026-11-24',
  sheet: SHEET,
  follow: 1,
  pupils: [{ id: 'p1', name: 'Ada Brine', version: 0 }],
  entries: [{ pupil: 'p1', question: '0.0', answer: 'P8', at: 1 }],
};
const sheet = (version: number, body = SHEET) => makeSheet(specOf(body, null), version);
const rightOf = (version: number, body = SHEET) =>
  Object.fromEntries(
    sheet(version, body).sections.flatMap(({ questions }, at) =>
      questions.map(({ answers }, place) => [`${at + 1}.${place + 1}`, answers[0]]),
    ),
  );
const file = (pupil: string, content: object, name = `${pupil}.json`) => ({
  name,
  text: JSON.stringify({ pupil, ...content }),
});
const marked = (pile: PileBody) => markPile(pile, versionsOf(pile), DEFAULT_LABEL_STYLE);

test('a file by the code of its page: the pupil is known by name, the version by the code, all is marked', () => {
  const { pile, files, told } = takeReturned(
    PILE,
    [file('ada  brine', { code: sheet(1).code.toLowerCase(), answers: rightOf(1) })],
    5,
  );
  expect([files, told]).toEqual([1, []]);
  expect(pile.pupils).toEqual([{ id: 'p1', name: 'Ada Brine', version: 1 }]);
  expect(marked(pile)[0]).toMatchObject({ got: 10, of: 10 });
  // What was entered before is still there.
  expect(pile.entries[0]).toEqual(PILE.entries[0]);
  expect(checkBody('pile', pile)).toEqual([]);
});

test('somebody new is added, and a half-filled sheet leaves the rest open', () => {
  const { pile } = takeReturned(
    PILE,
    [file('Bram Eddy', { version: 'b', answers: { 1.1: rightOf(1)['1.1'], 1.2: '', 1.3: null } })],
    5,
  );
  expect(pile.pupils[1]).toMatchObject({ name: 'Bram Eddy', version: 1 });
  const own = marked(pile)[1]!;
  expect(own.answers.size).toBe(1);
  expect(own.got).toBe(2);
});

test('the second file of a pupil is told and counts nothing', () => {
  const one = file('Ada Brine', { version: 'A', answers: rightOf(0) }, 'one.json');
  const { pile, files, told } = takeReturned(PILE, [one, { ...one, name: 'two.json' }], 5);
  expect(files).toBe(1);
  expect(told[0]).toMatch(/two\.json.*one\.json already/);
  expect(pile.entries).toHaveLength(1 + 5);
});

test.each([
  ['of another sheet', { pupil: 'Ada', code: 'ZZZZ-A', answers: {} }, /code is ZZZZ-A/],
  ['without a version', { pupil: 'Ada', answers: {} }, /which version/],
  ['of a version that was not printed', { pupil: 'Ada', version: 'Q', answers: {} }, /A, B/],
  ['of nobody', { version: 'A', answers: {} }, /whose/],
  ['without answers', { pupil: 'Ada', version: 'A' }, /answers/],
  ['that is a list', [1, 2], /not a file of answers/],
])('a file %s is told, and the others go on', (_, content, message) => {
  const good = file('Bram Eddy', { version: 'A', answers: rightOf(0) });
  const { pile, files, told } = takeReturned(
    PILE,
    [{ name: 'bad.json', text: JSON.stringify(content) }, good],
    5,
  );
  expect(files).toBe(1);
  expect(told).toEqual([expect.stringMatching(message)]);
  expect(told[0]).toContain('bad.json');
  expect(pile.pupils.map(({ name }) => name)).toEqual(['Ada Brine', 'Bram Eddy']);
});

test('what is no JSON, too large, or hostile does no harm', () => {
  const texts = ['{', 'x'.repeat(2_000_001), '{"__proto__":{"pupil":"Ada"},"answers":{}}', 'null'];
  const { pile, files, told } = takeReturned(
    PILE,
    texts.map((text, at) => ({ name: `${at}.json`, text })),
    5,
  );
  expect(files).toBe(0);
  expect(told).toHaveLength(4);
  expect(pile.entries).toEqual(PILE.entries);
});

test('answers to questions that are not there, too long or none are told one by one', () => {
  const { pile, told } = takeReturned(
    PILE,
    [file('Ada Brine', { version: 'A', answers: { 9.9: 'm6', 1.1: 'x'.repeat(400), 1.2: true, 1.3: 'm6' } })],
    5,
  );
  expect(told).toHaveLength(3);
  expect(told.join(' ')).toMatch(/no question 9\.9/);
  expect(pile.entries.slice(1).map(({ question, answer }) => [question, answer])).toEqual([['0.2', 'm6']]);
});

test('forty files are taken in one go', () => {
  const all = Array.from({ length: 40 }, (_, at) =>
    file(`Pupil ${at}`, { version: at % 2 === 0 ? 'A' : 'B', answers: rightOf(at % 2) }),
  );
  const { pile, files } = takeReturned(PILE, all, 5);
  expect(files).toBe(40);
  expect(
    marked(pile)
      .slice(1)
      .every(({ got, of }) => got === of),
  ).toBe(true);
});

test.each(KINDS.map(({ id }) => id))('a right answer to %s stays right as it is typed', (kind) => {
  const body: SheetBody = { ...SHEET, versions: 1, sections: [section(kind, 2)] };
  const pile: PileBody = { ...PILE, sheet: body, pupils: [], entries: [] };
  const { pile: taken, told } = takeReturned(pile, [file('Ada', { answers: rightOf(0, body) })], 5);
  expect(told).toEqual([]);
  expect(marked(taken)[0]).toMatchObject({ got: 4, of: 4 });
});

test('what is no answer of any kind has no typed form', () => {
  expect(typedAnswer('interval-name', true)).toBeNull();
  expect(typedAnswer('interval-name', { a: 1 })).toBeNull();
  expect(typedAnswer('listen', 2)).toBe('2');
});
