/** Piles without a page: what is entered and marked, the class, suggestions, and the check of documents. */
import { makeSheet, plant, DEFAULT_LABEL_STYLE } from '@diatonix/core';
import { pileNow } from '../src/benches/marking/desk';
import {
  addPile,
  addPupils,
  chooseVersion,
  enter,
  giveFollow,
  removePupil,
} from '../src/benches/marking/state';
import { checkBody } from '../src/documents/checks/check';
import type { PileBody } from '../src/documents/kinds/pile/type';
import type { SheetBody } from '../src/documents/kinds/sheet/type';
import { historyOf, markPile, versionsOf, type MarkedPupil } from '../src/documents/marking/markPile';
import { recordOfPile } from '../src/documents/marking/pileRecord';
import { causeResults, questionResults, suggestions } from '../src/documents/marking/pileResults';
import { documentsOf } from '../src/documents/store/select';
import { specOf } from '../src/documents/kinds/sheet/spec';
import { undo, useDocuments } from '../src/documents/store/store';
import { addSectionToSheet } from '../src/documents/kinds/sheet/addQuestions';
import { everywhere, showEmpty } from './demo';

const section = (kind: string, count: number, marks: number, seed: number) => ({
  id: `s${seed}`,
  kind,
  count,
  marks,
  seed,
  instruction: '',
  material: kind === 'interval-name' ? { keys: ['D major', 'Eb major'] } : {},
  exchanged: [],
});
const SHEET: SheetBody = {
  title: 'Low water',
  seed: 8,
  versions: 2,
  sections: [section('interval-name', 4, 2, 0), section('triad-name', 2, 3, 1)],
};
const pile = () => pileNow()!.body;
const marked = (): MarkedPupil[] => markPile(pile(), versionsOf(pile()), DEFAULT_LABEL_STYLE);
const asked = (version = 0) => versionsOf(pile())[version]!;
const rightTo = (id: string, version = 0): string => {
  const { question } = asked(version).find((one) => one.id === id)!;
  const answer = question.answers[0];
  if (typeof answer === 'string') return answer;
  const { root, quality, inversion } = answer as { root: string; quality: string; inversion: number };
  return `${root} ${quality} ${inversion}`;
};

beforeEach(() => {
  showEmpty();
  addPile(SHEET, null);
  addPupils(['Ada', 'Bram', 'Ada', 'Cleo']);
});

test('neighbours have different versions, names stand once, and the document is sound', () => {
  expect(pile().pupils.map(({ name, version }) => `${name} ${version}`)).toEqual([
    'Ada 0',
    'Bram 1',
    'Cleo 0',
  ]);
  expect(checkBody('pile', pile())).toEqual([]);
  expect(checkBody('pile', { ...pile(), follow: 3 })).not.toEqual([]);
  expect(
    checkBody('pile', { ...pile(), entries: [{ pupil: 'x', question: 'first', answer: '', at: 1 }] }),
  ).not.toEqual([]);
  expect(checkBody('pile', { ...pile(), sheet: { ...SHEET, sections: [{ kind: 'waltz' }] } })).not.toEqual(
    [],
  );
});

test('every right answer has its marks, typed as a teacher types', () => {
  const [ada, bram] = pile().pupils;
  for (const { id } of asked(0)) enter({ pupil: ada!.id, question: id, answer: rightTo(id) });
  for (const { id } of asked(1)) enter({ pupil: bram!.id, question: id, answer: rightTo(id, 1) });
  expect(marked().map(({ got, of, answers }) => [got, of, answers.size])).toEqual([
    [14, 14, 6],
    [14, 14, 6],
    [0, 14, 0],
  ]);
});

test('the last entry counts, none is lost; the teacher’s marks stand in the place of the computed ones', () => {
  const [ada] = pile().pupils;
  enter({ pupil: ada!.id, question: '0.0', answer: 'd15' });
  expect(marked()[0]!.answers.get('0.0')!.verdict).toBe('wrong');
  enter({ pupil: ada!.id, question: '0.0', answer: rightTo('0.0') });
  expect(marked()[0]!.answers.get('0.0')).toMatchObject({ verdict: 'right', got: 2, of: 2 });
  enter({ pupil: ada!.id, question: '0.0', answer: rightTo('0.0'), marks: 1.5, remark: 'late' });
  expect(marked()[0]!.got).toBe(1.5);
  expect(pile().entries).toHaveLength(3);
  undo(everywhere());
  expect(marked()[0]!.got).toBe(2);
});

test('right or wrong without more, what cannot be read, and what is open', () => {
  const [ada] = pile().pupils;
  enter({ pupil: ada!.id, question: '0.0', answer: '+' });
  enter({ pupil: ada!.id, question: '0.1', answer: '-' });
  enter({ pupil: ada!.id, question: '0.2', answer: 'herring' });
  enter({ pupil: ada!.id, question: '0.3', answer: '' });
  const { answers, got } = marked()[0]!;
  expect([...answers.values()].map(({ verdict }) => verdict)).toEqual(['right', 'wrong', 'unreadable']);
  expect(got).toBe(2);
});

test('what follows from a wrong root earns what the teacher says', () => {
  const [ada] = pile().pupils;
  const at = asked().findIndex(
    ({ question }) => (question.answers[0] as { inversion?: number }).inversion === 1,
  );
  const { id, question, marks } = asked()[at < 0 ? 4 : at]!;
  const right = question.answers[0] as { root: string; quality: string; inversion: number };
  const lowest = right.inversion === 0 ? right.root : plant(question, 'lowest-for-root');
  const wrong = right.inversion === 0 ? right : (lowest as typeof right);
  enter({ pupil: ada!.id, question: id, answer: `${wrong.root} ${wrong.quality} ${wrong.inversion}` });
  const whole = marked()[0]!.answers.get(id)!;
  giveFollow(0);
  const none = marked()[0]!.answers.get(id)!;
  const follows = whole.marking!.parts.filter((part) => part.follows).length;
  expect(whole.got - none.got).toBeCloseTo((marks * follows) / 3, 5);
});

test('the class: causes by pupils, wrong answers by question, and what to teach next goes on a sheet', () => {
  const [ada, bram, cleo] = pile().pupils;
  chooseVersion(bram!.id, 0);
  const signed = asked().filter(({ question }) => plant(question, 'signature-forgotten') !== null);
  expect(signed.length).toBeGreaterThan(0);
  const { id, label, question } = signed[0]!;
  const wrong = String(plant(question, 'signature-forgotten'));
  for (const pupil of [ada, bram]) enter({ pupil: pupil!.id, question: id, answer: wrong });
  enter({ pupil: cleo!.id, question: id, answer: rightTo(id) });
  const [result] = questionResults(marked(), asked()).filter((one) => one.id === id);
  expect(result).toMatchObject({ label, right: 1, answered: 3 });
  expect(result!.wrong).toEqual([
    {
      answer: wrong,
      count: 2,
      cause: {
        mistakes: expect.arrayContaining([expect.any(String)]) as string[],
        certain: expect.any(Boolean) as boolean,
      },
    },
  ]);
  const causes = causeResults(marked(), asked());
  expect(causes[0]!.pupils).toEqual(['Ada', 'Bram']);
  // Tied causes share what they count.
  expect(historyOf(marked())[causes[0]!.id]).toBeGreaterThan(0);
  const [next] = suggestions(causes, 3);
  expect(next!.sentence).toMatch(/^2 of 3: .*\. Set .*\.$/);
  addSectionToSheet(next!.kind, next!.material);
  const [sheet] = documentsOf(useDocuments.getState().documents, 'sheet');
  expect(checkBody('sheet', sheet!.body)).toEqual([]);
  expect(makeSheet(specOf(sheet!.body, null)).sections[0]!.questions).toHaveLength(6);
});

test('what an answer earned is kept beside it, and follows what it hangs on', () => {
  const [ada, bram] = pile().pupils;
  const signed = asked().find(({ question }) => plant(question, 'signature-forgotten') !== null)!;
  enter({
    pupil: ada!.id,
    question: signed.id,
    answer: String(plant(signed.question, 'signature-forgotten')),
  });
  enter({ pupil: bram!.id, question: '0.1', answer: '+' });
  const [wrong, right] = pile().entries;
  expect(wrong!.result).toMatchObject({ verdict: 'wrong', of: signed.marks });
  expect(wrong!.result!.causes).toEqual(marked()[0]!.answers.get(signed.id)!.marking!.causes[0]!.mistakes);
  expect(right!.result).toEqual({ verdict: 'right', got: 2, of: 2 });
  enter({ pupil: ada!.id, question: signed.id, answer: String(rightTo(signed.id)), marks: 1 });
  // What was entered first stays as it was; the last one counts.
  expect(pile().entries[0]).toEqual(wrong);
  expect(pile().entries[2]!.result).toMatchObject({ verdict: 'right', got: 1 });
  expect(checkBody('pile', pile())).toEqual([]);
  expect(checkBody('pile', { ...pile(), entries: [{ ...wrong, result: { verdict: 'fine' } }] })).not.toEqual(
    [],
  );
  const [own] = recordOfPile(pile(), DEFAULT_LABEL_STYLE);
  expect(own!.answers.get(signed.id)).toMatchObject({ verdict: 'right', got: 1 });
  // Another version asks other questions: what was right there is marked anew.
  chooseVersion(ada!.id, 1);
  expect(pile().entries[2]!.result!.verdict).toBe(marked()[0]!.answers.get(signed.id)!.verdict);
});

test('a pile without results is recorded as it is marked, and following through changes what is kept', () => {
  const [ada] = pile().pupils;
  for (const { id, question } of asked()) {
    const wrong = plant(question, 'lowest-for-root') ?? question.answers[0];
    const text =
      typeof wrong === 'string' ? wrong : Object.values(wrong as Record<string, unknown>).join(' ');
    enter({ pupil: ada!.id, question: id, answer: text });
  }
  const bare = { ...pile(), entries: pile().entries.map(({ result: _, ...entry }) => entry) };
  const facts = (one: PileBody) =>
    recordOfPile(one, DEFAULT_LABEL_STYLE).map(({ answers }) =>
      [...answers.values()].map(({ verdict, got, causes }) => ({ verdict, got, causes })),
    );
  expect(facts(bare)).toEqual(facts(pile()));
  giveFollow(0);
  expect(pile().entries.map(({ result }) => result!.got)).toEqual(
    pile().entries.map(({ question }) => marked()[0]!.answers.get(question)!.got),
  );
});

test('a pupil of whom nothing changed is not marked again', () => {
  const [ada, bram] = pile().pupils;
  enter({ pupil: ada!.id, question: '0.0', answer: '+' });
  const [before] = marked();
  enter({ pupil: bram!.id, question: '0.0', answer: '-' });
  expect(marked()[0]).toBe(before);
  expect(marked()[1]!.answers.get('0.0')!.verdict).toBe('wrong');
});

test('a pupil is taken out with all answers, and comes back by undo', () => {
  const [ada] = pile().pupils;
  enter({ pupil: ada!.id, question: '0.0', answer: '+' });
  removePupil(ada!.id);
  expect(JSON.stringify(pile())).not.toContain('Ada');
  expect(pile().entries).toEqual([]);
  undo(everywhere());
  expect(marked()[0]!.got).toBe(2);
});

test('what the class is taught later does not change what was set', () => {
  const numerals: SheetBody = { ...SHEET, sections: [section('numeral-build', 6, 2, 0)] };
  const mask = (degrees: number[]) => ({
    name: 'Wednesday',
    notYetTaught: { major: degrees, minor: degrees },
  });
  addPile(numerals, mask([3, 7]));
  const before = versionsOf(pile())[0]!.map(({ question }) => question.given);
  expect(JSON.stringify(before)).not.toMatch(/"numeral":"(?:iii|III|vii)/);
  expect(before).toEqual(
    makeSheet(specOf(numerals, mask([3, 7]))).sections[0]!.questions.map(({ given }) => given),
  );
  expect(pile().sheet.classId).toBeUndefined();
});

test('a tie is settled by what a pupil did wrong elsewhere on the pile', () => {
  const [ada] = pile().pupils;
  const tied = asked().find(({ question }) => {
    const planted = plant(question, 'clef-misread');
    return planted !== null && question.kind === 'interval-name';
  });
  for (const { id, question } of asked()) {
    const wrong = plant(question, 'clef-misread');
    if (typeof wrong === 'string') enter({ pupil: ada!.id, question: id, answer: wrong });
  }
  expect(tied).toBeDefined();
  const [own] = markPile(pile(), versionsOf(pile()), DEFAULT_LABEL_STYLE);
  const causes = [...own!.answers.values()].map(({ marking }) =>
    marking!.causes.map(({ mistakes }) => mistakes[0]),
  );
  for (const found of causes) expect(found).toContain('clef-misread');
});
