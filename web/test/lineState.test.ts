/** What the benches decide: every action is one edit, undo brings back what was, and typing keeps identities. */
import { moveBetween, parseKey } from '@diatonix/core';
import { mergeByText } from '../src/benches/merge';
import { chooseKey, chooseTop } from '../src/benches/key/state';
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
  decide,
  setSource,
  setTempo,
  transposeLine,
  typeLine,
  typeMelody,
} from '../src/benches/progressions/state';
import { columnText } from '../src/benches/progressions/typedColumns';
import { progressionNow } from '../src/benches/progressions/desk';
import { BENCHES } from '../src/benches/register';
import { documentsOf } from '../src/documents/store/select';
import { redo, undo } from '../src/documents/store/store';
import type { ProgressionColumn } from '../src/documents/kinds/progression/type';
import { documentsNow, everywhere, showDemo, showEmpty } from './demo';

const progression = () => progressionNow()!.body;
const line = () =>
  progression()
    .columns.map((c) => ('unread' in c ? `! ${c.unread}` : columnText(c)))
    .join(' ');
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

test('every edit of a progression is a step of its own', () => {
  showEmpty();
  const first = addEntry({ kind: 'numeral', text: 'V7' });
  const second = addEntry({ kind: 'symbol', text: 'C' }, first);
  const edits: (() => unknown)[] = [
    () => invertColumn(first, 1),
    () => moveColumn(second, -1),
    () => decide(first, { words: 'sea' }),
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
  const titles = () => documentsOf(documentsNow(), 'progression').map(({ body }) => body.title);
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
    () => decide(first!.id, { phraseEnd: true, key: 'E major' }),
    () => expect(progression().columns[0]).toMatchObject({ phraseEnd: true, key: 'E major' }),
  );
  decide(second!.id, { ruling: { key: 'A major', numeral: 'vi' } });
  decide(second!.id, { ruling: undefined });
  expect(progression().columns[1]).toEqual(second);
  const voices = [
    ['E4', 'C4', 'G3', 'C3'],
    ['D4', 'B3', 'G3', 'G2'],
  ];
  const count = progression().columns.length;
  oneEdit(
    () => putHarmony({ numerals: ['I', 'V'], voices, lengths: ['3', '1'] }, false),
    () => {
      expect(
        progression()
          .columns.slice(count)
          .map((column) => column.locks?.[0]),
      ).toEqual(['E4', 'D4']);
      expect(
        progression()
          .columns.slice(count)
          .map(({ length }) => length),
      ).toEqual(['3', '1']);
      expect(progression().view).toBe('four-part');
    },
  );
  oneEdit(
    () => putHarmony({ numerals: ['I', 'V'], voices: null, lengths: null }, true),
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
  decide(first!.id, { ruling: { key: 'A major', numeral: 'I' } });
  decide(second!.id, { phraseEnd: true, ruling: { key: 'A major', numeral: 'vi' } });
  typeLine('I iii V65/ii ii ii65 V7 I');
  const [one, two, three] = progression().columns;
  expect(one).toMatchObject({ ruling: { numeral: 'I' } });
  // Another chord stands there now: the ruling was on the old one, the phrase still ends.
  expect(two).toEqual({ id: second!.id, entry: { kind: 'numeral', text: 'iii' }, phraseEnd: true });
  expect(three).toBe(third);
});

test('columns that did not change keep their identity', () => {
  const column = (id: string, text: string): ProgressionColumn => ({ id, entry: { kind: 'numeral', text } });
  const old = [column('a', 'I'), column('b', 'V'), column('c', 'I')];
  const merged = (...texts: string[]) =>
    mergeByText(
      old,
      texts.map((text) => column('', text)),
      columnText,
    );
  const ids = (list: readonly ProgressionColumn[]) => list.map((c) => c.id);
  expect(merged('I', 'V', 'I')).toBe(old);
  expect(ids(merged('I', 'V7', 'I'))).toEqual(['a', 'b', 'c']);
  expect(ids(merged('I', 'IV', 'V', 'I')).filter((id) => 'abc'.includes(id))).toEqual(['a', 'b', 'c']);
  expect(ids(merged('V', 'I'))).toHaveLength(2);
});

test('every bench of the register has a name, an address and kinds of its own', () => {
  for (const field of ['name', 'path', 'title'] as const)
    expect(new Set(BENCHES.map((bench) => bench[field])).size).toBe(BENCHES.length);
  // A class is taught on the Key bench, and kept in the Logbook.
  const kinds = BENCHES.flatMap((bench) => bench.kinds).filter((kind) => kind !== 'class');
  expect(new Set(kinds).size).toBe(kinds.length);
  for (const bench of BENCHES)
    for (const [keys, use] of bench.keys) expect([keys, use].every(Boolean)).toBe(true);
});
