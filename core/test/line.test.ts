/** A line of columns in context: areas of key, rulings, pivots, and columns that cannot be read. */
import {
  contextReasonWords,
  labelLine,
  parseKey,
  printKey,
  printNumeral,
  rulingOfReading,
  type Entry,
  type LineColumn,
} from '../src';

const symbol = (text: string): LineColumn => ({ entry: { kind: 'symbol', text } });
const line = (text: string) => text.split(' ').map(symbol);
const A = parseKey('A major');
const said = (columns: readonly LineColumn[], modulate = false) =>
  labelLine(columns, A, { modulate }).map(({ labelled, key }) =>
    labelled.ok ? `${printKey(key)[0]} ${printNumeral(labelled.labels.numeral, key)}` : 'unread',
  );

test('a typed numeral stands as it is, in the key of its place', () => {
  const numeral = (text: string, key?: string): LineColumn => ({
    entry: { kind: 'numeral', text },
    ...(key ? { key } : {}),
  });
  expect(said([numeral('I'), numeral('V7'), numeral('V7', 'E major'), numeral('I')])).toEqual([
    'A I',
    'A V7',
    'E V7',
    'E I',
  ]);
});

test('a chord that both keys hold carries both numerals where the key changes', () => {
  const columns = line('A D E7 A F#m B7 E B7 E').map((column, at) =>
    at === 8 ? { ...column, phraseEnd: true } : column,
  );
  const labels = labelLine(columns, A, { modulate: true });
  const begins = labels.findIndex(({ keyBegins }) => keyBegins);
  expect(printKey(labels[begins]!.key)).toBe('E major');
  expect(labels[begins]!.pivotKey).toBe(A);
  expect(printNumeral(labels[begins]!.pivot!, A)).toMatch(/^(?:vi|I|V7\/V)$/);
});

test('a ruling stands, is shown as one, and comes from the readings offered', () => {
  const columns = line('A F#7 Bm E7 A');
  const [, applied] = labelLine(columns, A, { modulate: false });
  const other = applied!.readings.find(({ numeral }) => numeral.target === null)!;
  expect(contextReasonWords(other)).toBe('outside the scale');
  const ruled = labelLine(
    columns.map((column, at) => (at === 1 ? { ...column, ruling: rulingOfReading(other) } : column)),
    A,
    { modulate: false },
  );
  expect(ruled.map(({ ruled: is }) => is)).toEqual([false, true, false, false, false]);
  expect(
    said(
      columns.map((column, at) =>
        at === 1 ? { ...column, ruling: { key: 'A major', numeral: 'VI7' } } : column,
      ),
    )[1],
  ).toBe('A VI7');
});

test('a column that cannot be read keeps its error, and its neighbours are read without it', () => {
  const broken: Entry = { kind: 'numeral', text: 'Vxyz' };
  expect(said([...line('A F#7'), { entry: broken }, ...line('Bm E7 A')])).toEqual([
    'A I',
    'A V7/ii',
    'unread',
    'A ii',
    'A V7',
    'A I',
  ]);
  expect(labelLine([], A, { modulate: true })).toEqual([]);
});

test('five hundred chords are labelled', () => {
  const columns = Array.from({ length: 500 }, (_, at) => symbol(['A', 'F#m', 'Bm', 'E7'][at % 4]!));
  expect(labelLine(columns, A, { modulate: true }).every(({ labelled }) => labelled.ok)).toBe(true);
});
