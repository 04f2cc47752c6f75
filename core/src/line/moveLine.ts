import { nameAbove, nameBelow, transpose } from '../interval/interval';
import { keyOf, ordinaryKey, parseKey, printKey, sameKey, type Key } from '../key/key';
import { parseNote } from '../pitch/parse';
import { printNote } from '../pitch/print';
import { moveOf, rereadEntry, transposeEntry, type MoveDirection } from './changeEntry';
import type { Entry } from './entry';
import type { LineColumn } from './column';
import { areasOf, isMarked } from './areas';

/** A column as it is moved: what cannot be read has no entry and stays as it stands. */
export type Movable = Omit<LineColumn, 'entry'> & { readonly entry?: Entry; readonly unread?: string };

/** Where the keys of a line are taken, and which way its notes go. */
export interface KeyMove {
  readonly to: (key: Key) => Key;
  readonly way: MoveDirection;
}

/** Where any key goes when `from` goes to `to`: the same way, in its own mode, to a key with a signature. */
export function moveBetween(from: Key, to: Key): KeyMove {
  const { up, interval } = moveOf(from.tonic, to.tonic, 'nearest');
  const moved = (key: Key) =>
    ordinaryKey(keyOf(up ? nameAbove(key.tonic, interval) : nameBelow(key.tonic, interval), key.mode));
  return { to: (key) => (sameKey(key, from) ? to : moved(key)), way: 'nearest' };
}

export interface Line<Column> {
  readonly key: Key;
  readonly columns: readonly Column[];
}

/**
 * Moves a line, or its columns `from` to `to` (both included), to where `move`
 * takes their keys: chords, rulings, melody and locked notes alike, with their
 * spelling. A moved part stands in a key of its own, and the old key goes on
 * after it. Throws TheoryError past a triple alteration.
 */
export function moveLine<Column extends Movable>(
  { key, columns }: Line<Column>,
  move: KeyMove,
  from = 0,
  to = columns.length - 1,
): Line<Column> {
  const areas = areasOf(columns, key);
  const whole = from <= 0 && to >= columns.length - 1;
  const moved = columns.map((column, at): Column =>
    at < from || at > to ? column : moveColumn(column, areas[at]!, move),
  );
  if (whole) return { key: move.to(key), columns: moved };
  const marked = moved.map((column, at): Column => {
    if (at === from) return markedWith(column, from === 0 ? key : areas[from - 1]!, move.to(areas[from]!));
    if (at === to + 1 && column.key === undefined) return markedWith(column, move.to(areas[to]!), areas[at]!);
    return column;
  });
  return { key, columns: marked };
}

function markedWith<Column extends Movable>(column: Column, before: Key, key: Key): Column {
  if (!sameKey(before, key)) return { ...column, key: printKey(key) };
  const unmarked = { ...column };
  delete (unmarked as { key?: string }).key;
  return unmarked;
}

function moveColumn<Column extends Movable>(column: Column, area: Key, move: KeyMove): Column {
  const to = move.to(area);
  const { up, interval } = moveOf(area.tonic, to.tonic, move.way);
  const note = (text: string) => printNote(transpose(parseNote(text), interval, !up));
  const { entry, key, ruling, locks, melody, held } = column;
  return {
    ...column,
    ...(entry ? { entry: transposeEntry(entry, area, to, move.way) } : {}),
    ...(key === undefined ? {} : { key: printKey(to) }),
    ...(ruling
      ? { ruling: { ...ruling, key: printKey(moveBetween(area, to).to(parseKey(ruling.key))) } }
      : {}),
    ...(locks ? { locks: locks.map((lock) => (lock === null ? null : note(lock))) } : {}),
    ...(held ? { held: held.map(note) } : {}),
    ...(melody ? { melody: melody.map((text) => text.replace(/^[^:]+/, note)) } : {}),
  };
}

/**
 * The same chords under another key: what stood in the line's own key is read anew there, marked keys stay.
 */
export function rereadLine<Column extends Movable>({ key, columns }: Line<Column>, to: Key): Line<Column> {
  const marked = isMarked(columns);
  return {
    key: to,
    columns: columns.map((column, at) =>
      column.entry && !marked[at] ? { ...column, entry: rereadEntry(column.entry, key) } : column,
    ),
  };
}
