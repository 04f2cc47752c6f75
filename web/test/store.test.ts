/** What the store decides: edits, bursts, undo and redo, identities of columns. */
import { moveBetween, parseKey } from '@diatonix/core';
import { mergeByText } from '../src/benches/merge';
import { columnText } from '../src/benches/progressions/slice';
import { emptyWorkbook, openProgressionOf, type Column } from '../src/workbook/model';
import { redo, undo, useStore } from '../src/workbook/store';

jest.mock('nanoid', () => {
  let next = 0;
  return { nanoid: () => `id${++next}` };
});

const to = (key: string) => moveBetween(parseKey(open().key), parseKey(key));
const open = () => openProgressionOf(useStore.getState().workbook)!;
const line = () =>
  open()
    .columns.map((c) =>
      'entry' in c
        ? c.entry.kind === 'notes'
          ? `(${c.entry.notes.join(' ')})`
          : c.entry.text
        : `! ${c.unread}`,
    )
    .join(' ');

beforeEach(() => {
  jest.useFakeTimers({ now: 0, doNotFake: [] });
  useStore.getState().openWorkbook(emptyWorkbook('w', 'p'));
});
afterEach(() => jest.useRealTimers());

test('a typed line becomes columns, what is not understood among them', () => {
  useStore.getState().typeLine('I Vxyz (A2 C#4 E4) G7');
  expect(line()).toBe('I ! Vxyz (A2 C#4 E4) G7');
});

test('typing in one go is undone as one; a pause starts anew', () => {
  const { typeLine } = useStore.getState();
  typeLine('I');
  typeLine('I V');
  jest.advanceTimersByTime(1500);
  typeLine('I V vi');
  undo();
  expect(line()).toBe('I V');
  undo();
  expect(line()).toBe('');
  redo();
  redo();
  expect(line()).toBe('I V vi');
});

test('every other edit is a step of its own', () => {
  const {
    addEntry,
    invertColumn,
    moveColumn,
    removeColumns,
    setTempo,
    renameProgression,
    chooseKey,
    toggleTaught,
    chooseTop,
  } = useStore.getState();
  const first = addEntry({ kind: 'numeral', text: 'V7' });
  const second = addEntry({ kind: 'symbol', text: 'C' }, first);
  const states = [JSON.stringify(useStore.getState().workbook)];
  const edits = [
    () => invertColumn(first, 1), () => moveColumn(second, -1), () => removeColumns([second]), () => setTempo(100), () => renameProgression('Tide'),
    () => chooseKey('Eb major'), () => toggleTaught('major', 3), () => chooseTop(7), () => useStore.getState().addProgression(), () => void useStore.getState().transpose(to('D major')), () => useStore.getState().reread('E major'),
  ]; // prettier-ignore
  for (const edit of edits) {
    edit();
    jest.advanceTimersByTime(1500);
    states.push(JSON.stringify(useStore.getState().workbook));
  }
  expect(new Set(states).size).toBe(states.length);
  for (let i = states.length - 2; i >= 0; i--) {
    undo();
    expect(JSON.stringify(useStore.getState().workbook)).toBe(states[i]);
  }
  for (const state of states.slice(1)) {
    redo();
    expect(JSON.stringify(useStore.getState().workbook)).toBe(state);
  }
});

test('opening another workbook starts its history anew', () => {
  useStore.getState().typeLine('I');
  useStore.getState().openWorkbook(emptyWorkbook('other', 'q'));
  undo();
  expect(useStore.getState().workbook.id).toBe('other');
});

test('re-reading keeps chords, transposing keeps numerals, and a chord too far says so and changes nothing', () => {
  const { typeLine, reread, transpose } = useStore.getState();
  typeLine('I V7 vi');
  reread('G major');
  expect([open().key, line()]).toEqual(['G major', 'C G7 Am']);
  expect(transpose(to('A major'))).toBeNull();
  expect([open().key, line()]).toEqual(['A major', 'D A7 Bm']);
  typeLine('(C##4 E##4 G##4)');
  const before = useStore.getState().workbook;
  const error = transpose(to('C# major'));
  expect(
    error === null ? useStore.getState().workbook !== before : useStore.getState().workbook === before,
  ).toBe(true);
});

test('columns that did not change keep their identity', () => {
  const column = (id: string, text: string): Column => ({ id, entry: { kind: 'numeral', text } });
  const old = [column('a', 'I'), column('b', 'V'), column('c', 'I')];
  const ids = (list: readonly Column[]) => list.map((c) => c.id);
  const mergeColumns = (was: readonly Column[], read: readonly Column[]) =>
    mergeByText(was, read, columnText);
  expect(mergeColumns(old, [column('', 'I'), column('', 'V'), column('', 'I')])).toBe(old);
  expect(ids(mergeColumns(old, [column('', 'I'), column('', 'V7'), column('', 'I')]))).toEqual([
    'a',
    'b',
    'c',
  ]);
  expect(
    ids(mergeColumns(old, [column('', 'I'), column('', 'IV'), column('', 'V'), column('', 'I')])).filter(
      (id) => 'abc'.includes(id),
    ),
  ).toEqual(['a', 'b', 'c']);
  expect(ids(mergeColumns(old, [column('', 'V'), column('', 'I')]))).toHaveLength(2);
});
