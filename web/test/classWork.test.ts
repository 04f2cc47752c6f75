/** The work of a class on its pile: each answer once, from the pupil it is of, and who is held up by what. */
import { DEFAULT_LABEL_STYLE, makeSheet } from '@diatonix/core';
import { holdUp, isStuck, standings, STUCK_MS } from '../src/classroom/teacher/standing';
import type { LivePupil } from '../src/classroom/teacher/store';
import { withAnswers, withPupil } from '../src/documents/marking/classWork';
import type { PileBody } from '../src/documents/kinds/pile/type';
import { markPile, versionsOf } from '../src/documents/marking/markPile';
import { takeReturned } from '../src/documents/marking/returned';
import { specOf } from '../src/documents/kinds/sheet/spec';

const section = { id: 's', kind: 'interval-name', count: 3, marks: 2, instruction: '', seed: 0 };
const PILE: PileBody = {
  title: 'Ebb and flow',
  date: '2026-11-27',
  sheet: { title: 'Ebb', seed: 4, versions: 2, sections: [{ ...section, material: {}, exchanged: [] }] },
  follow: 1,
  pupils: [{ id: 'p1', name: 'Ada Brine', version: 0 }],
  entries: [],
};
const rightOf = (version: number) =>
  makeSheet(specOf(PILE.sheet, null), version).sections[0]!.questions.map(({ answers }) =>
    String(answers[0]),
  );
const take = (pile: PileBody, ...came: [pupil: string, question: string, text: string][]) =>
  withAnswers(
    pile,
    came.map(([pupil, question, text]) => ({ pupil, question, text })),
    7,
    DEFAULT_LABEL_STYLE,
  );
const said = ({ entries }: PileBody) => entries.map(({ question, answer }) => [question, answer]);

test('a pupil is known by the name, and gets the version that was given out; another one is added', () => {
  const known = withPupil(PILE, ' ada  BRINE ', 1);
  expect(known).toEqual({ id: 'p1', pile: { ...PILE, pupils: [{ ...PILE.pupils[0], version: 1 }] } });
  expect(withPupil(PILE, 'Ada Brine', 0).pile).toBe(PILE);
  const added = withPupil(PILE, 'Ivo Groyne', 1);
  expect(added.pile.pupils[1]).toEqual({ id: added.id, name: 'Ivo Groyne', version: 1 });
});

test('answers come after each other with what they earn; what says the same again is no second answer', () => {
  const [first, second] = rightOf(0);
  const pile = take(PILE, ['p1', '1.1', first!], ['p1', '1.2', 'X'], ['p1', '1.1', ` ${first} `]);
  expect(said(pile)).toEqual([
    ['0.0', first],
    ['0.1', 'X'],
  ]);
  expect(pile.entries.map(({ result }) => result?.verdict)).toEqual(['right', 'unreadable']);
  expect(take(pile, ['p1', '1.1', first!])).toBe(pile);
  const more = take(pile, ['p1', '1.2', second!], ['p1', '1.2', 'X'], ['p1', '1.3', '']);
  expect(said(more).slice(2)).toEqual([
    ['0.1', second],
    ['0.1', 'X'],
  ]);
  // What is taken out again is said to be empty, and counts as not answered.
  const emptied = take(pile, ['p1', '1.1', '']);
  expect(said(emptied).at(-1)).toEqual(['0.0', '']);
  expect(markPile(emptied, versionsOf(emptied), DEFAULT_LABEL_STYLE)[0]!.answers.has('0.0')).toBe(false);
});

test('who changes an answer without end fills no pile: of the last ones each takes the place of the one before', () => {
  const many = Array.from({ length: 1200 }, (_, at) => ['p1', '1.1', `guess ${at}`] as const);
  const pile = take(PILE, ['p1', '1.2', 'P5'], ...many.map((one): [string, string, string] => [...one]));
  expect(pile.entries).toHaveLength(1000);
  expect(said(pile).slice(0, 2)).toEqual([
    ['0.1', 'P5'],
    ['0.0', 'guess 0'],
  ]);
  expect(said(pile).at(-1)).toEqual(['0.0', 'guess 1199']);
  expect(said(take(pile, ['p1', '1.3', 'M2'])).at(-1)).toEqual(['0.2', 'M2']);
});

test('nothing comes from somebody who is not there, or to a question that is not on the sheet', () => {
  expect(take(PILE, ['nobody', '1.1', 'P5'], ['p1', '9.9', 'P5'], ['p1', '0.0', 'P5'])).toBe(PILE);
});

test('a pupil cannot give the teacher’s own signs for right and wrong, over the network or in a file', () => {
  const pile = take(PILE, ['p1', '1.1', '+'], ['p1', '1.2', ' - ']);
  expect(pile.entries.map(({ answer, result }) => [answer, result?.verdict])).toEqual([
    ['“+”', 'unreadable'],
    ['“-”', 'unreadable'],
  ]);
  const text = JSON.stringify({ pupil: 'Ada Brine', version: 'A', answers: { '1.1': '+' } });
  const returned = takeReturned(PILE, [{ name: 'ada.json', text }], 7).pile;
  expect(markPile(returned, versionsOf(returned), DEFAULT_LABEL_STYLE)[0]).toMatchObject({ got: 0 });
});

describe('how the class stands', () => {
  const NOW = 1_000_000;
  const live = (name: string, version: number, part: Partial<LivePupil> = {}): LivePupil => ({
    ...{ id: `n-${name}`, name, pupil: name, version, done: false, here: true, at: '1.1', since: NOW, n: 0 },
    ...part,
  });
  const pupils = ['a', 'b', 'c', 'd'].map((name, at) => ({ id: name, name, version: at % 2 }));
  const pile = take(
    { ...PILE, pupils },
    ['a', '1.1', rightOf(0)[0]!],
    ['b', '1.1', 'd5'],
    ['d', '1.1', 'd5'],
    ['c', '1.1', 'd5'],
    ['a', '1.2', 'herring'],
  );
  const marked = markPile(pile, versionsOf(pile), DEFAULT_LABEL_STYLE);
  const of = (...all: LivePupil[]) => standings(marked, versionsOf(pile), all, NOW + STUCK_MS + 1);

  test('wrong answers count together in a version, the commonest first, with the question they are to', () => {
    const [first, second, third] = of();
    expect([first!.right, first!.answered]).toEqual([1, 4]);
    expect(first!.wrong.map(({ answer, count, version }) => [answer, count, version])).toEqual([
      ['d5', 2, 1],
      ['d5', 1, 0],
    ]);
    expect(first!.wrong[0]!.question).toBe(versionsOf(pile)[1]![0]!.question);
    expect([second!.answered, third!.answered]).toEqual([1, 0]);
  });

  test('who waits long at a question without an answer is stuck; not who has answered, left or handed in', () => {
    const late = { since: NOW };
    expect(isStuck(live('a', 0), NOW + STUCK_MS)).toBe(false);
    expect(isStuck(live('a', 0), NOW + STUCK_MS + 1)).toBe(true);
    const [first, , third] = of(
      live('a', 0, { ...late, at: '1.3' }),
      live('b', 1, { ...late, at: '1.3', here: false }),
      live('c', 0, { ...late, at: '1.3', done: true }),
      live('d', 1, { ...late, at: '1.1' }),
    );
    expect([third!.here, third!.stuck]).toEqual([['a'], ['a']]);
    expect([first!.here, first!.stuck]).toEqual([['d'], []]);
  });

  test('the question that holds the class up has most of both; one slip by itself is none', () => {
    expect(holdUp(of())?.label).toBe('1.1');
    const [first, second, third] = of(live('a', 0, { at: '1.3' }));
    expect(holdUp([second!])).toBeNull();
    expect(holdUp([second!, third!])?.label).toBe('1.3');
    expect(holdUp([third!, first!])?.label).toBe('1.1');
    expect(holdUp([])).toBeNull();
  });
});
