/** Lines and parts of lines moved to other keys, with everything that is decided about their columns. */
import fc from 'fast-check';
import {
  areasOf,
  entryText,
  labelLine,
  moveBetween,
  moveBy,
  moveLine,
  MOVES,
  ordinaryKeys,
  parseKey,
  printKey,
  printNumeral,
  readLine,
  rereadLine,
  type LineColumn,
} from '../src';

const A = parseKey('A major');
const line = (text: string, decided: Record<number, Partial<LineColumn>> = {}): LineColumn[] =>
  readLine(text, A).map((token, at) => {
    if ('error' in token) throw token.error;
    return { entry: token.entry, ...decided[at] };
  });
const shown = (key: ReturnType<typeof parseKey>, columns: readonly LineColumn[]) =>
  labelLine(columns, key, { modulate: false }).map(({ labelled, key: own }) =>
    labelled.ok
      ? `${printKey(own)} ${printNumeral(labelled.labels.numeral, own)} ${labelled.labels.symbol}`
      : labelled.error.message,
  );

test('a whole line takes its other keys, rulings, melody and locked notes along', () => {
  const columns = line('I V7 I', {
    1: {
      key: 'E major',
      ruling: { key: 'E major', numeral: 'V7' },
      melody: ['B4'],
      locks: ['B4', null, null, 'B2'],
    },
  });
  const moved = moveLine({ key: A, columns }, moveBetween(A, parseKey('G major')));
  expect(printKey(moved.key)).toBe('G major');
  expect(moved.columns[1]).toMatchObject({
    key: 'D major',
    ruling: { key: 'D major', numeral: 'V7' },
    melody: ['A4'],
    locks: ['A4', null, null, 'A2'],
  });
  expect(shown(moved.key, moved.columns)).toEqual(['G major I G', 'D major V7 A7', 'D major I D']);
});

test('a part stands in a key of its own, and the old key goes on after it', () => {
  const { key, columns } = moveLine(
    { key: A, columns: line('I IV V7 I') },
    moveBetween(A, parseKey('C major')),
    1,
    2,
  );
  expect(printKey(key)).toBe('A major');
  expect(columns.map(({ key: marked }) => marked)).toEqual([undefined, 'C major', undefined, 'A major']);
  expect(shown(key, columns)).toEqual(['A major I A', 'C major IV F', 'C major V7 G7', 'A major I A']);
  const back = moveLine({ key, columns }, moveBetween(parseKey('C major'), A), 1, 2);
  expect(back.columns[1]!.key).toBeUndefined();
  expect(shown(back.key, back.columns)).toEqual(shown(A, line('I IV V7 I')));
});

test('what cannot be read stays as it stands', () => {
  const columns = [{ unread: 'Vxyz' }, ...line('I')];
  expect(moveLine({ key: A, columns }, moveBetween(A, parseKey('D major'))).columns[0]).toEqual({
    unread: 'Vxyz',
  });
});

test('any part of any line keeps its numerals wherever it is moved, and the rest is not touched', () => {
  const chords = fc.array(fc.constantFrom('I', 'V65/ii', 'D', 'E7', '(A2 C#4 E4)', 'viio7', 'bVI'), {
    minLength: 2,
    maxLength: 8,
  });
  fc.assert(
    fc.property(
      chords,
      fc.constantFrom(...ordinaryKeys('major')),
      fc.nat(7),
      fc.nat(7),
      (texts, to, one, other) => {
        const columns = line(texts.join(' '));
        const [from, end] = [
          Math.min(one, other, texts.length - 1),
          Math.min(Math.max(one, other), texts.length - 1),
        ];
        const moved = moveLine({ key: A, columns }, moveBetween(A, to), from, end);
        const numerals = (list: readonly string[]) => list.map((text) => text.split(' ')[2]);
        expect(numerals(shown(moved.key, moved.columns))).toEqual(numerals(shown(A, columns)));
        columns.forEach((column, at) => {
          if (at < from || at > end)
            expect(entryText(moved.columns[at]!.entry)).toBe(entryText(column.entry));
        });
      },
    ),
  );
});

test('every move of a whole line goes to a key with a signature and back to the same chords', () => {
  for (const move of MOVES) {
    const columns = line('I V7/ii ii V7 I');
    const up = moveLine({ key: A, columns }, moveBy(move));
    const back = moveLine(up, moveBetween(up.key, A));
    expect(shown(back.key, back.columns)).toEqual(shown(A, columns));
  }
});

test('notes go the way that the move goes, though another would be shorter', () => {
  const fifth = moveLine(
    { key: A, columns: line('(A2 C#4 E4)') },
    moveBy(MOVES.find(({ id }) => id === 'up-fifth')!),
  );
  expect([printKey(fifth.key), entryText(fifth.columns[0]!.entry)]).toEqual(['E major', '(E3 G#4 B4)']);
  const down = moveLine(
    { key: A, columns: line('(A2 C#4 E4)') },
    moveBy(MOVES.find(({ id }) => id === 'down-major-third')!),
  );
  expect(entryText(down.columns[0]!.entry)).toBe('(F2 A3 C4)');
  const part = moveLine(
    { key: A, columns: line('(A2 C#4 E4)') },
    moveBy(MOVES.find(({ id }) => id === 'for-Eb')!),
  );
  expect(entryText(part.columns[0]!.entry)).toBe('(F#3 A#4 C#5)');
});

test('re-reading keeps the chords, and leaves what stands in marked keys alone', () => {
  const columns = line('I V7 I', { 2: { key: 'E major' } });
  const read = rereadLine({ key: A, columns }, parseKey('D major'));
  expect(shown(read.key, read.columns)).toEqual(['D major V A', 'D major V7/V E7', 'E major I E']);
  expect(areasOf(read.columns, read.key).map(printKey)).toEqual(['D major', 'D major', 'E major']);
  expect(areasOf([{ key: 'nonsense' }], A)).toEqual([A]);
});
