/** Two names on a pile that are one pupil. */
import { checkBody } from '../src/documents/checks/check';
import { joinPupils } from '../src/documents/marking/joinPupils';
import { joinOnPile } from '../src/benches/marking/state';
import { pileNow } from '../src/benches/marking/desk';
import { undo, useDocuments } from '../src/documents/store/store';
import type { PileBody } from '../src/documents/kinds/pile/type';
import { everywhere, showDemo } from './demo';

const pile = (): PileBody => pileNow()!.body;

beforeEach(showDemo);

/** The demo's pile with somebody who handed in under a nickname. */
function withNickname(version: number, answers: readonly string[]): PileBody {
  const own = pile();
  const entries = answers.map((answer, at) => ({
    pupil: 'nick',
    question: `0.${at}`,
    answer,
    at: 1e13 + at,
  }));
  return {
    ...own,
    pupils: [...own.pupils, { id: 'nick', name: 'Dil', version }],
    entries: [...own.entries, ...entries],
  };
}

test('what was handed in under a nickname is the pupil’s, with the version that was answered', () => {
  const own = withNickname(1, ['m6', 'P4']);
  const [first] = own.pupils;
  const without = { ...own, entries: own.entries.filter(({ pupil }) => pupil !== first!.id) };
  const joined = joinPupils(without, 'nick', first!.id);
  expect(joined.pupils.map(({ name }) => name)).not.toContain('Dil');
  expect(joined.pupils[0]).toEqual({ ...first, version: 1 });
  expect(joined.entries.filter(({ pupil }) => pupil === first!.id).map(({ answer }) => answer)).toEqual([
    'm6',
    'P4',
  ]);
  expect(checkBody('pile', joined)).toEqual([]);
});

test('answers to two versions are not mixed: it is said what to do', () => {
  const own = pile();
  const answered = own.pupils.find(({ id }) => own.entries.some(({ pupil }) => pupil === id))!;
  const other = withNickname(answered.version === 0 ? 1 : 0, ['m6']);
  expect(() => joinPupils(other, 'nick', answered.id)).toThrow(
    /Dil.*one has answered version .*then join them/,
  );
  expect(joinPupils(own, answered.id, answered.id)).toBe(own);
  expect(joinPupils(own, 'nobody', answered.id)).toBe(own);
});

test('on the bench it is told, and undone', () => {
  const before = pile();
  const [one, two] = before.pupils.filter(({ version }) => version === 0);
  joinOnPile(one!.id, two!.id);
  expect(pile().pupils).toHaveLength(before.pupils.length - 1);
  expect(pile().entries).toHaveLength(before.entries.length);
  expect(useDocuments.getState().told).toMatch(/ are one pupil now\. Undo parts them again\./);
  undo(everywhere());
  expect(pile()).toEqual(before);
});
