/** Undo and redo: an edit belongs to the documents that a bench shows, says what it did, and comes back whole. */
import { NO_HISTORY, recorded, type Scope } from '../src/documents/store/history';
import {
  addDocument,
  edit,
  editSingle,
  redo,
  removeDocument,
  undo,
  useDocuments,
} from '../src/documents/store/store';
import { FIRST_PROGRESSION } from '../src/documents/kinds/progression/type';
import { addEntry, renameProgression, typeLine } from '../src/benches/progressions/state';
import { chooseKey, toggleTaught } from '../src/benches/key/state';
import { progressionNow } from '../src/benches/progressions/desk';
import { benchAt } from '../src/benches/register';
import { scopeOf } from '../src/shell/scope';
import { documentsNow, showDemo, showEmpty } from './demo';

jest.mock('../src/benches/key/KeyBench', () => ({}));

const scope = (path: string): Scope => scopeOf(benchAt(path)!);
const told = () => useDocuments.getState().told;
const line = () =>
  progressionNow()!
    .body.columns.map((c) => ('entry' in c ? (c.entry.kind === 'notes' ? 'notes' : c.entry.text) : c.unread))
    .join(' ');

beforeEach(showEmpty);

test('chords that are typed without a pause are undone one by one', () => {
  let text = '';
  for (const letter of 'I vi ii V7 I') typeLine((text += letter));
  expect(line()).toBe('I vi ii V7 I');
  const seen = [];
  for (let i = 0; i < 5; i++) {
    undo(scope('/progressions'));
    seen.push(line());
  }
  expect(seen).toEqual(['I vi ii V7', 'I vi ii', 'I vi', 'I', '']);
  expect(told()).toBe('Undone: typing in the line.');
  for (let i = 0; i < 5; i++) redo(scope('/progressions'));
  expect(line()).toBe('I vi ii V7 I');
});

test('undo on one bench leaves the others alone, whatever was done last', () => {
  chooseKey('D major');
  addEntry({ kind: 'numeral', text: 'V7' });
  editSingle('intervals', 'the clef', (intervals) => ({ ...intervals, clef: 'bass' }));
  undo(scope('/key'));
  expect(documentsNow()['key']).toBeUndefined();
  expect(line()).toBe('V7');
  expect(told()).toBe('Undone: the key.');
  undo(scope('/key'));
  expect(told()).toBe('There is nothing to undo here.');
  undo(scope('/progressions'));
  expect(line()).toBe('');
  undo(scope('/intervals'));
  expect(documentsNow()['intervals']).toBeUndefined();
});

test('undo is of the progression that is open; one that was removed comes back', () => {
  renameProgression('First');
  addDocument('progression', 'q', { ...FIRST_PROGRESSION, title: 'Second' }, 'the added progression');
  const open = (id: string): Scope => ({ kinds: ['progression', 'labels'], open: [id] });
  undo(open('q'));
  expect(documentsNow()['q']).toBeUndefined();
  redo(open('p'));
  removeDocument('q', 'the removed progression “Second”');
  undo(open('p'));
  expect(told()).toBe('Undone: the removed progression “Second”.');
  expect(documentsNow()['q']).toBeDefined();
  undo(open('p'));
  undo(open('p'));
  expect(progressionNow()!.body.title).toBe('Progression 1');
});

test('the labels are undone on every bench, since every bench shows them', () => {
  editSingle('labels', 'the labels', (school) => ({ ...school, letters: 'german' }));
  undo(scope('/chords'));
  expect(told()).toBe('Undone: the labels.');
});

test('a class’s mask is undone on the Key bench', () => {
  showDemo();
  toggleTaught('major', 2);
  undo(scope('/key'));
  expect(told()).toBe('Undone: what has been taught.');
});

test('a new edit of a document ends what could be redone of it, and of no other', () => {
  chooseKey('D major');
  renameProgression('Tide');
  undo(scope('/key'));
  undo(scope('/progressions'));
  chooseKey('G major');
  redo(scope('/key'));
  expect(told()).toBe('There is nothing to redo here.');
  redo(scope('/progressions'));
  expect(progressionNow()!.body.title).toBe('Tide');
});

test('what changes nothing is no edit', () => {
  const before = useDocuments.getState().history;
  edit('nothing', (documents) => ({ ...documents }));
  editSingle('key', 'nothing', (map) => map);
  expect(useDocuments.getState().history).toBe(before);
});

test('a burst joins only what goes on from where it stood, and not after a pause', () => {
  const make = (id: string, order: number) => ({ id, kind: 'class', order, body: {} }) as never;
  const [a, b, c] = [make('x', 1), make('x', 2), make('x', 3)];
  const step = (before: unknown, after: unknown, at: number) =>
    ({ words: 'typing', changes: [{ id: 'x', before, after }], burst: 'line', at }) as never;
  const one = recorded(NO_HISTORY, step(null, a, 0));
  expect(recorded(one, step(a, b, 500)).past).toHaveLength(1);
  expect(recorded(one, step(a, b, 500)).past[0]!.changes[0]).toMatchObject({ before: null, after: b });
  expect(recorded(one, step(a, b, 1500)).past).toHaveLength(2);
  expect(recorded(one, step(c, b, 500)).past).toHaveLength(2);
});

test('at most 500 edits are kept', () => {
  for (let i = 0; i < 520; i++) renameProgressionNow(`Title ${i}`);
  expect(useDocuments.getState().history.past).toHaveLength(500);
});

function renameProgressionNow(title: string): void {
  edit('the title', (documents) => {
    const old = documents['p']!;
    return { ...documents, p: { ...old, body: { ...old.body, title } } as never };
  });
}
