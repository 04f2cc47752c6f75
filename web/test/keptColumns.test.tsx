/** A column that says the same as before is the column of before. */
import { DEFAULT_LABEL_STYLE } from '@diatonix/core';
import type { GridColumn } from '../src/columns/types';
import { keptColumns } from '../src/columns/keptColumns';
import { intervalColumns } from '../src/benches/intervals/columns';
import { FIRST } from '../src/documents/store/document';

const items = ['C4 E4', 'D4 F#4', 'E4 B4'].map((text, at) => {
  const [from, to] = text.split(' ') as [string, string];
  return { id: String(at), from, to };
});
const line = (all: readonly object[]) =>
  intervalColumns({ ...FIRST.intervals, items: all as never }, DEFAULT_LABEL_STYLE, null);

test('of a line in which one interval is changed the others stay the same objects', () => {
  const before = line(items);
  const now = keptColumns(before, line(items.map((one) => (one.id === '1' ? { ...one, to: 'A4' } : one))));
  expect(now.map((column, at) => column === before[at])).toEqual([true, false, true]);
  expect(now[1]!.sentence).not.toBe(before[1]!.sentence);
  expect(keptColumns([], before)).toEqual(before);
});

const plain: GridColumn = { id: 'a', sentence: 'one', staff: null, cells: { name: { text: 'x' } } };
const shown = (content: React.ReactNode): GridColumn => ({
  ...plain,
  cells: { name: { text: 'x', content } },
});
const isKept = (before: GridColumn, now: GridColumn) => keptColumns([before], [now])[0] === before;

test.each<[string, GridColumn, GridColumn, boolean]>([
  ['the same', plain, { ...plain, cells: { name: { text: 'x' } } }, true],
  ['another text', plain, { ...plain, cells: { name: { text: 'y' } } }, false],
  ['another row', plain, { ...plain, cells: { name: { text: 'x' }, more: { text: '' } } }, false],
  ['muted', plain, { ...plain, muted: true }, false],
  ['an ending', { ...plain, ending: end('1') }, { ...plain, ending: end('1') }, true],
  ['another ending', { ...plain, ending: end('1') }, { ...plain, ending: end('2') }, false],
  ['the same element', shown(<b>1</b>), shown(<b>1</b>), true],
  ['another child', shown(<b>1</b>), shown(<b>2</b>), false],
  ['another element', shown(<b>1</b>), shown(<i>1</i>), false],
  ['lists within', shown(<b>{['a', <i key="i">b</i>]}</b>), shown(<b>{['a', <i key="i">b</i>]}</b>), true],
  ['data within', shown(<b style={{ top: 1 }} />), shown(<b style={{ top: 1 }} />), true],
  ['other data', shown(<b style={{ top: 1 }} />), shown(<b style={{ top: 2 }} />), false],
  ['a function is another', shown(<b onClick={() => 1} />), shown(<b onClick={() => 1} />), false],
])('%s', (_, before, now, kept) => expect(isKept(before, now)).toBe(kept));

function end(number: string) {
  return { number, begins: true, ends: false };
}
