/** What the benches decide: every action is one edit, undo brings back what was, and typing keeps identities. */
import { moveBetween, parseKey, parseSymbol } from '@diatonix/core';
import { mergeByText } from '../src/benches/merge';
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
import {
  addClass,
  changePrint,
  chooseClass,
  chooseKey,
  chooseScale,
  chooseTop,
  KEY_DESK,
  renameClass,
  toggleTaught,
} from '../src/benches/key/state';
import {
  addEntry,
  addProgression,
  arrange,
  invertColumn,
  lockVoice,
  moveColumn,
  openProgression,
  putHarmony,
  removeColumns,
  removeProgression,
  renameProgression,
  replaceEntries,
  reread,
  rule,
  setSource,
  setTempo,
  transposeLine,
  typeLine,
  typeMelody,
} from '../src/benches/progressions/state';
import { columnText } from '../src/benches/progressions/typedColumns';
import { openNow } from '../src/benches/progressions/desk';
import { BENCHES } from '../src/benches/register';
import { createDesk, flag, numberField, oneOf } from '../src/documents/desk';
import { MANY_KINDS, SINGLE_KINDS } from '../src/documents/document';
import { CLASS_DESK } from '../src/documents/openClass';
import { bodyOf, listOf, openOf } from '../src/documents/select';
import { editSingle, redo, undo, useDocuments } from '../src/documents/store';
import type { Column } from '../src/documents/kinds/progression';
import type { Scope } from '../src/documents/history';
import { documentsNow, showDemo, showEmpty } from './demo';

const everywhere = (): Scope => ({
  kinds: [...SINGLE_KINDS, ...MANY_KINDS],
  open: Object.keys(documentsNow()),
});
const progression = () => openNow()!.body;
const line = () =>
  progression()
    .columns.map((c) => ('unread' in c ? `! ${c.unread}` : columnText(c)))
    .join(' ');
const openClass = () => openOf(documentsNow(), 'class', CLASS_DESK.get().open ?? undefined)!.body;
const to = (key: string) => moveBetween(parseKey(progression().key), parseKey(key));

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
      expect(listOf(documentsNow(), 'class').map(({ body }) => body.name)).toEqual([
        'Quay quartet',
        'Harbour beginners',
      ]),
  );
  oneEdit(addClass, () => {
    expect(openClass().name).toBe('Class 3');
    expect(openClass().notYetTaught).toEqual({ major: [3, 7], minor: [3, 6] });
  });
  chooseClass('beginners');
  expect(openClass().name).toBe('Harbour beginners');
  chooseClass('gone');
  expect(openClass().name).toBe('Tuesday evening class');
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
  const desk = createDesk('odd', { view: oneOf(['a', 'b'], 'a'), at: numberField(1), on: flag(true) });
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

test('every edit of a progression is a step of its own', () => {
  showEmpty();
  const first = addEntry({ kind: 'numeral', text: 'V7' });
  const second = addEntry({ kind: 'symbol', text: 'C' }, first);
  const edits: (() => unknown)[] = [
    () => invertColumn(first, 1),
    () => moveColumn(second, -1),
    () => rule(first, { words: 'sea' }),
    () => lockVoice(0, new Map([[first, 'G4']])),
    () => replaceEntries(new Map([[second, { kind: 'numeral', text: 'IV' }]])),
    () => removeColumns([second]),
    () => setTempo(100),
    () => renameProgression('Tide'),
    () => setSource('made up'),
    () => arrange({ metre: '3/4' }),
    () => typeMelody('G4'),
    () => chooseKey('Eb major'),
    () => chooseTop(7),
    () => transposeLine(to('D major')),
    () => reread('E major'),
    () => addProgression(),
  ];
  const states = [documentsNow()];
  for (const act of edits) {
    act();
    states.push(documentsNow());
  }
  expect(new Set(states).size).toBe(states.length);
  for (const state of states.slice(0, -1).reverse()) {
    undo(everywhere());
    expect(documentsNow()).toEqual(state);
  }
  for (const state of states.slice(1)) {
    redo(everywhere());
    expect(documentsNow()).toEqual(state);
  }
});

test('progressions are added, opened and removed', () => {
  const titles = () => listOf(documentsNow(), 'progression').map(({ body }) => body.title);
  const before = titles();
  addProgression();
  expect(titles()).toEqual([...before, `Progression ${before.length + 1}`]);
  expect(progression()).toMatchObject({ key: 'A major', metre: '4/4', columns: [] });
  openProgression('lamplighters');
  expect(progression().title).toBe('Lamplighters’ Round');
  removeProgression('lamplighters');
  expect(progression().title).toBe(before[0]);
  undo(everywhere());
  expect(titles()).toContain('Lamplighters’ Round');
});

test('a progression is ruled, marked and arranged, and taken back', () => {
  const [first, second] = progression().columns;
  oneEdit(
    () => rule(first!.id, { phraseEnd: true, key: 'E major' }),
    () => expect(progression().columns[0]).toMatchObject({ phraseEnd: true, key: 'E major' }),
  );
  rule(second!.id, { ruling: { key: 'A major', numeral: 'vi' } });
  rule(second!.id, { ruling: undefined });
  expect(progression().columns[1]).toEqual(second);
  const voices = [
    ['E4', 'C4', 'G3', 'C3'],
    ['D4', 'B3', 'G3', 'G2'],
  ];
  const count = progression().columns.length;
  oneEdit(
    () => putHarmony(['I', 'V'], voices, false),
    () => {
      expect(
        progression()
          .columns.slice(count)
          .map((column) => column.locks?.[0]),
      ).toEqual(['E4', 'D4']);
      expect(progression().view).toBe('four-part');
    },
  );
  oneEdit(
    () => putHarmony(['I', 'V'], null, true),
    () => expect(line()).toBe('I V'),
  );
});

test('a typed line becomes columns, what is not understood among them', () => {
  showEmpty();
  typeLine('I Vxyz (A2 C#4 E4) G7');
  expect(line()).toBe('I ! Vxyz (A2 C#4 E4) G7');
});

test('re-reading keeps chords, transposing keeps numerals', () => {
  showEmpty();
  typeLine('I V7 vi');
  reread('G major');
  expect([progression().key, line()]).toEqual(['G major', 'C G7 Am']);
  expect(transposeLine(to('A major'))).toBeNull();
  expect([progression().key, line()]).toEqual(['A major', 'D A7 Bm']);
});

test('a chord that cannot be written in the new key says so and changes nothing', () => {
  showEmpty();
  typeLine('G##');
  reread('Cb major');
  const before = documentsNow();
  expect(transposeLine(to('C# major'))?.message).toMatch(/too far from the key/);
  expect(documentsNow()).toBe(before);
});

test('typing keeps the decisions about columns that did not change, and the place of a key or a phrase end', () => {
  const [first, second, third] = progression().columns;
  rule(first!.id, { ruling: { key: 'A major', numeral: 'I' } });
  rule(second!.id, { phraseEnd: true, ruling: { key: 'A major', numeral: 'vi' } });
  typeLine('I iii V65/ii ii ii65 V7 I');
  const [one, two, three] = progression().columns;
  expect(one).toMatchObject({ ruling: { numeral: 'I' } });
  // Another chord stands there now: the ruling was on the old one, the phrase still ends.
  expect(two).toEqual({ id: second!.id, entry: { kind: 'numeral', text: 'iii' }, phraseEnd: true });
  expect(three).toBe(third);
});

test('columns that did not change keep their identity', () => {
  const column = (id: string, text: string): Column => ({ id, entry: { kind: 'numeral', text } });
  const old = [column('a', 'I'), column('b', 'V'), column('c', 'I')];
  const merged = (...texts: string[]) =>
    mergeByText(
      old,
      texts.map((text) => column('', text)),
      columnText,
    );
  const ids = (list: readonly Column[]) => list.map((c) => c.id);
  expect(merged('I', 'V', 'I')).toBe(old);
  expect(ids(merged('I', 'V7', 'I'))).toEqual(['a', 'b', 'c']);
  expect(ids(merged('I', 'IV', 'V', 'I')).filter((id) => 'abc'.includes(id))).toEqual(['a', 'b', 'c']);
  expect(ids(merged('V', 'I'))).toHaveLength(2);
});

test('every bench of the register has a name, an address and kinds of its own', () => {
  for (const field of ['name', 'path', 'title'] as const)
    expect(new Set(BENCHES.map((bench) => bench[field])).size).toBe(BENCHES.length);
  const kinds = BENCHES.flatMap((bench) => bench.kinds);
  expect(new Set(kinds).size).toBe(kinds.length);
  for (const bench of BENCHES)
    for (const [keys, use] of bench.keys) expect([keys, use].every(Boolean)).toBe(true);
});
