/** What the benches decide: every action is one edit, undo brings back what was, and typing keeps identities. */
import { parseSymbol } from '@diatonix/core';
import { CHORDS_DESK, putChord, toggleDoubled, typeChain } from '../src/benches/chords/state';
import {
  addInterval,
  answerInversion,
  choosePerBar,
  itemText,
  moveOctave,
  removeInterval,
  typeIntervals,
} from '../src/benches/intervals/state';
import { changePrint, chooseScale, KEY_DESK, toggleTaught } from '../src/benches/key/state';
import { addClass, chooseClass, deleteClass, renameClass } from '../src/documents/kinds/schoolClass/edit';
import { createDesk, deskFlag, numberField, deskOneOf } from '../src/documents/store/desk';
import { CLASS_DESK } from '../src/documents/store/openClass';
import { bodyOf, documentsOf, openOf } from '../src/documents/store/select';
import { editSingle, redo, undo, useDocuments } from '../src/documents/store/store';
import { documentsNow, everywhere, showDemo, showEmpty } from './demo';

const openClass = () => openOf(documentsNow(), 'class', CLASS_DESK.get().open ?? undefined)!.body;

beforeEach(showDemo);

/** Does something, checks it, and that one undo brings the documents back and one redo the change. */
function oneEdit(act: () => void, check: () => void): void {
  const before = documentsNow();
  act();
  const after = documentsNow();
  expect(after).not.toEqual(before);
  check();
  undo(everywhere());
  expect(documentsNow()).toEqual(before);
  redo(everywhere());
  expect(documentsNow()).toEqual(after);
  undo(everywhere());
}

test('the Key bench decides its print list, the scale and the classes', () => {
  const key = () => bodyOf(documentsNow(), 'key');
  const print = key().print;
  oneEdit(
    () => changePrint({ blank: true, taughtOnly: true }),
    () => expect(key().print).toEqual({ ...print, blank: true, taughtOnly: true }),
  );
  oneEdit(
    () => chooseScale('A minor', 'natural', true),
    () => expect(key()).toMatchObject({ key: 'A minor', form: 'natural', beside: true }),
  );
  oneEdit(
    () => toggleTaught('major', 2),
    () => expect(openClass().notYetTaught.major).toEqual([2, 3, 7]),
  );
  oneEdit(
    () => renameClass('Quay quartet'),
    () =>
      expect(documentsOf(documentsNow(), 'class').map(({ body }) => body.name)).toEqual([
        'Quay quartet',
        'Harbour beginners',
      ]),
  );
  oneEdit(addClass, () => {
    expect(openClass().name).toBe('Class 3');
    expect(openClass().notYetTaught).toEqual({ major: [3, 7], minor: [3, 6] });
    // Its pupils and lessons are its own.
    expect([openClass().pupils, openClass().lessons]).toEqual([undefined, undefined]);
  });
  chooseClass('beginners');
  expect(openClass().name).toBe('Harbour beginners');
  chooseClass('gone');
  expect(openClass().name).toBe('Tuesday evening class');
  const piles = documentsOf(documentsNow(), 'pile').length;
  oneEdit(deleteClass, () => {
    expect(documentsOf(documentsNow(), 'class').map(({ body }) => body.name)).not.toContain(
      'Tuesday evening class',
    );
    expect(documentsOf(documentsNow(), 'pile')).toHaveLength(piles);
  });
});

test('a workbook without a class gets one when something is marked', () => {
  showEmpty();
  toggleTaught('minor', 6);
  expect(openClass()).toEqual({ name: 'My class', notYetTaught: { major: [], minor: [6] } });
});

test('what a bench shows is on its desk, is checked when it is read, and is no edit', () => {
  const before = useDocuments.getState().history;
  KEY_DESK.set({ view: 'circle' });
  CHORDS_DESK.set({ view: 'chain' });
  expect([KEY_DESK.get(), CHORDS_DESK.get()]).toEqual([{ view: 'circle', column: 1 }, { view: 'chain' }]);
  expect(useDocuments.getState().history).toBe(before);
  const desk = createDesk('odd', {
    view: deskOneOf(['a', 'b'], 'a'),
    at: numberField(1),
    on: deskFlag(true),
  });
  for (const stored of [null, 3, 'text', [], { view: 'c', at: 'x', on: 'no' }, { at: NaN }]) {
    useDocuments.setState({ desk: { odd: stored } });
    expect(desk.get()).toEqual({ view: 'a', at: 1, on: true });
  }
  useDocuments.setState({ desk: { odd: { view: 'b', at: 4, on: false, more: 1 } } });
  expect(desk.get()).toEqual({ view: 'b', at: 4, on: false });
});

test('the Intervals bench decides bars, answers and what stands in the line', () => {
  const intervals = () => bodyOf(documentsNow(), 'intervals');
  const [first] = intervals().items;
  oneEdit(
    () => choosePerBar(3),
    () => expect(intervals().perBar).toBe(3),
  );
  oneEdit(
    () => answerInversion(first!.id, 'm3'),
    () => expect(intervals().inversionAnswers).toEqual({ [first!.id]: 'm3' }),
  );
  oneEdit(
    () => addInterval('C4', 'E4', first!.id),
    () => expect(intervals().items[1]).toMatchObject({ from: 'C4', to: 'E4' }),
  );
  oneEdit(
    () => moveOctave(first!.id, true),
    () => expect(intervals().items[0]).toMatchObject({ from: 'B4', to: 'G#5' }),
  );
  oneEdit(
    () => removeInterval(first!.id),
    () => expect(intervals().items).toHaveLength(5),
  );
});

test('two typed notes stay two notes, whatever is typed after them', () => {
  const intervals = () => bodyOf(documentsNow(), 'intervals');
  let typed = '';
  for (const letter of 'D3 A3, C4 A4, E4 A5') typeIntervals((typed += letter));
  expect(intervals().items.map((item) => itemText(item, 'english'))).toEqual(['D3 A3', 'C4 A4', 'E4 A5']);
});

test('a line of intervals is typed and shown in the letters of the school, and stored in plain ones', () => {
  const intervals = () => bodyOf(documentsNow(), 'intervals');
  editSingle('labels', 'the labels', (school) => ({ ...school, letters: 'german' }));
  typeIntervals('B3 Fis4, H d5');
  expect(intervals().items).toMatchObject([
    { from: 'Bb3', to: 'F#4' },
    { from: 'B4', to: 'F5' },
  ]);
  expect(intervals().items.map((item) => itemText(item, 'german'))).toEqual(['B3 Fis4', 'H4 F5']);
});

test('the Chords bench decides doublings and the chain', () => {
  const chord = () => bodyOf(documentsNow(), 'chord');
  oneEdit(
    () => toggleDoubled('5'),
    () => expect(chord().doubled).toEqual(['5']),
  );
  toggleDoubled('5');
  toggleDoubled('5');
  expect(chord().doubled).toEqual([]);
  oneEdit(
    () => typeChain('I V I'),
    () => expect(chord().chain).toBe('I V I'),
  );
  oneEdit(
    () => putChord(parseSymbol('Dm7')),
    () => expect(chord().symbol).toBe('Dm7'),
  );
});
