/** What the benches decide, through the store: every action is one edit, and undo brings back what was. */
import demo from '@diatonix/demo/workbook.json';
import { parseSymbol } from '@diatonix/core';
import { openClassOf, openProgressionOf, type Workbook } from '../src/workbook/model';
import { redo, undo, useStore } from '../src/workbook/store';

const workbook = demo.workbook as unknown as Workbook;
const state = () => useStore.getState();
const progression = () => openProgressionOf(state().workbook)!;

beforeEach(() => state().openWorkbook(workbook));

/** Does something, checks it, and that one undo brings the workbook back and one redo the change. */
function oneEdit(act: () => void, check: () => void): void {
  const before = state().workbook;
  act();
  const after = state().workbook;
  check();
  undo();
  expect(state().workbook).toEqual(before);
  redo();
  expect(state().workbook).toEqual(after);
  undo();
}

test('the Key bench decides its view, its print list and the class', () => {
  oneEdit(
    () => state().chooseKeyView('circle'),
    () => expect(state().workbook.keyBench.view).toBe('circle'),
  );
  oneEdit(
    () => state().changePrint({ blank: true }),
    () => expect(state().workbook.keyBench.print).toEqual({ ...workbook.keyBench.print, blank: true }),
  );
  oneEdit(
    () => state().chooseScale('A minor', 'natural', true),
    () => expect(state().workbook.keyBench).toMatchObject({ key: 'A minor', form: 'natural', beside: true }),
  );
  oneEdit(
    () => state().toggleTaught('major', 2),
    () => expect(openClassOf(state().workbook).notYetTaught.major).toEqual([2, 3, 7]),
  );
  oneEdit(
    () => state().chooseClass('beginners'),
    () => expect(openClassOf(state().workbook).name).toBe('Harbour beginners'),
  );
  oneEdit(
    () => state().addClass(),
    () => {
      const made = openClassOf(state().workbook);
      expect(made.name).toBe('Class 3');
      expect(made.notYetTaught).toEqual(workbook.classes[0]!.notYetTaught);
    },
  );
  oneEdit(
    () => state().renameClass('Quay quartet'),
    () =>
      expect(state().workbook.classes.map(({ name }) => name)).toEqual(['Quay quartet', 'Harbour beginners']),
  );
});

test('a class that is not found gives way to the first', () => {
  expect(openClassOf({ ...workbook, openClass: 'gone' }).id).toBe('tuesday');
  expect(openClassOf({ ...workbook, classes: [] }).name).toBe('My class');
});

test('the Intervals bench decides bars and answers', () => {
  const [first] = workbook.intervals.items;
  oneEdit(
    () => state().choosePerBar(3),
    () => expect(state().workbook.intervals.perBar).toBe(3),
  );
  oneEdit(
    () => state().answerInversion(first!.id, 'm3'),
    () => expect(state().workbook.intervals.inversionAnswers).toEqual({ [first!.id]: 'm3' }),
  );
  oneEdit(
    () => state().addInterval('C4', 'E4', first!.id),
    () => expect(state().workbook.intervals.items[1]).toMatchObject({ from: 'C4', to: 'E4' }),
  );
});

test('the Chords bench decides doublings and the chain', () => {
  oneEdit(
    () => state().toggleDoubled('5'),
    () => expect(state().workbook.chords.doubled).toEqual(['5']),
  );
  state().toggleDoubled('5');
  state().toggleDoubled('5');
  expect(state().workbook.chords.doubled).toEqual([]);
  oneEdit(
    () => state().typeChain('I V I'),
    () => expect(state().workbook.chords.chain).toBe('I V I'),
  );
  oneEdit(
    () => state().putChord(parseSymbol('Dm7')),
    () => expect(state().workbook.chords.symbol).toBe('Dm7'),
  );
});

test('a progression is ruled, marked and arranged, and taken back', () => {
  const [first, second] = progression().columns;
  oneEdit(
    () => state().rule(first!.id, { phraseEnd: true, key: 'E major' }),
    () => expect(progression().columns[0]).toMatchObject({ phraseEnd: true, key: 'E major' }),
  );
  state().rule(second!.id, { ruling: { key: 'A major', numeral: 'vi' } });
  state().rule(second!.id, { ruling: undefined });
  expect(progression().columns[1]).toEqual(second);
  oneEdit(
    () => state().arrange({ hidden: ['degrees'], view: 'four-part' }),
    () => expect(progression()).toMatchObject({ hidden: ['degrees'], view: 'four-part' }),
  );
  oneEdit(
    () => state().putHarmony(['I', 'V'], [['E4', 'C4', 'G3', 'C3'], ['D4', 'B3', 'G3', 'G2']]),
    () => {
      expect(progression().columns.slice(-2).map((column) => column.locks?.[0])).toEqual(['E4', 'D4']);
      expect(progression().view).toBe('four-part');
    },
  ); // prettier-ignore
});

test('typing keeps the decisions about columns that did not change, and the place of a key or a phrase end', () => {
  const [first, second, third] = progression().columns;
  state().rule(first!.id, { ruling: { key: 'A major', numeral: 'I' } });
  state().rule(second!.id, { phraseEnd: true, ruling: { key: 'A major', numeral: 'vi' } });
  state().typeLine('I iii V65/ii ii ii65 V7 I');
  const [one, two, three] = progression().columns;
  expect(one).toMatchObject({ ruling: { numeral: 'I' } });
  // Another chord stands there now: the ruling was on the old one, the phrase still ends.
  expect(two).toEqual({ id: second!.id, entry: { kind: 'numeral', text: 'iii' }, phraseEnd: true });
  expect(three).toBe(third);
});
