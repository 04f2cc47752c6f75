/** Questions that stand whatever the dice say, and the order of a section. */
import { makeSheet, staffLayout, promptWords, type SectionSpec, type Sheet } from '../src';

const GIVEN = { clef: 'treble', key: 'D major', from: 'D4', to: 'B4' };
const sheet = (section: Partial<SectionSpec>, version = 0) =>
  makeSheet({ title: 'Line', seed: 3, sections: [{ kind: 'interval-name', count: 4, ...section }] }, version);
const givens = (made: Sheet) => made.sections[0]!.questions.map(({ given }) => given);

describe('a pinned question', () => {
  const plain = sheet({});

  test('stands in its place, its answer is computed, and the others stay as they were', () => {
    const made = sheet({ pinned: [{ place: 1, given: GIVEN }] });
    expect(givens(made)[1]).toEqual(GIVEN);
    expect(made.sections[0]!.questions[1]!.answers).toEqual(['M6']);
    for (const at of [0, 2, 3]) expect(givens(made)[at]).toEqual(givens(plain)[at]);
  });

  test('that is one of the dice may be kept while the others change', () => {
    const kept = givens(plain)[2]!;
    const made = sheet({ pinned: [{ place: 2, given: kept }] });
    expect(givens(made)).toEqual(givens(plain));
    const others = makeSheet({
      title: '',
      seed: 4,
      sections: [{ kind: 'interval-name', count: 4, pinned: [{ place: 2, given: kept }] }],
    });
    expect(givens(others)[2]).toEqual(kept);
    expect(givens(others)[0]).not.toEqual(givens(plain)[0]);
  });

  test('is not asked a second time by the dice', () => {
    const twice = givens(plain)[0]!;
    const made = sheet({ pinned: [{ place: 3, given: twice }] });
    expect(new Set(givens(made).map((one) => JSON.stringify(one))).size).toBe(4);
    expect(givens(made)[3]).toEqual(twice);
  });

  test('is the same in every version, and that is told', () => {
    const made = sheet({ pinned: [{ place: 1, given: GIVEN }] }, 1);
    expect(givens(made)[1]).toEqual(GIVEN);
    expect(made.sections[0]!.remarks).toContain('Question 2 is the same in every version.');
    expect(givens(made)[0]).not.toEqual(givens(plain)[0]);
  });

  test('may say itself what is right', () => {
    const made = sheet({ pinned: [{ place: 0, given: GIVEN, answers: ['M6', 'd7'] }] });
    expect(made.sections[0]!.questions[0]!.answers).toEqual(['M6', 'd7']);
  });

  test('in words needs no dice', () => {
    const pinned = [
      { place: 0, given: { question: 'What is a pivot chord?' }, answers: ['a chord of two keys'] },
    ];
    const made = sheet({ kind: 'written', count: 1, pinned });
    const [question] = made.sections[0]!.questions;
    expect(question!.answers).toEqual(['a chord of two keys']);
    expect(promptWords(question!)).toBe('What is a pivot chord?');
    expect(staffLayout(question!).clefs).toEqual([]);
    expect(() => sheet({ kind: 'written', count: 2, pinned })).toThrow('it admits no question');
  });

  test.each([
    [[{ place: 9, given: GIVEN }], 'a question has no place among the 4'],
    [
      [
        { place: 1, given: GIVEN },
        { place: 1, given: GIVEN },
      ],
      'two questions have one place',
    ],
    [[{ place: 0, given: { clef: 'treble', key: 'D major', from: 7 } }], '“section 1, interval-name: from”'],
    [[{ place: 0, given: { ...GIVEN, to: 'H9' } }], 'H9'],
  ])('%j is refused in words', (pinned, message) => {
    expect(() => sheet({ pinned: pinned as never })).toThrow(message);
  });
});

describe('the order of a section', () => {
  test('moves its questions and changes none', () => {
    const plain = sheet({});
    expect(givens(sheet({ order: [2, 0, 1, 3] }))).toEqual([2, 0, 1, 3].map((at) => givens(plain)[at]));
  });

  test.each([[[0, 1]], [[0, 0, 1, 2]], [[1, 2, 3, 4]]])('%j is none of four', (order) => {
    expect(() => sheet({ order })).toThrow('it has not each of the 4 places once');
  });
});
