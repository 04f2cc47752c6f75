import type { FoundHarmony } from '../../workers/harmoniseLine';
import { progressionNow, PROGRESSIONS_DESK } from './desk';
import {
  areasOf,
  attempt,
  invertEntry,
  isTimed,
  moveLine,
  parseKey,
  printKey,
  printLength,
  readMelody,
  rereadLine,
  USUAL_TICKS,
  type Entry,
  type KeyMove,
  type TheoryError,
} from '@diatonix/core';
import { newId } from '../../documents/store/ids';
import {
  FIRST_PROGRESSION,
  type ProgressionColumn,
  type ColumnRulings,
  type Progression,
} from '../../documents/kinds/progression/type';
import { freeTitle } from '../../documents/store/freeTitle';
import { documentsOf } from '../../documents/store/select';
import { addDocument, editDocument, removeDocument, useDocuments } from '../../documents/store/store';
import { schoolNow } from '../../documents/store/use';
import { mergeByText } from '../merge';
import { type Changes, withChanges, readColumns, timedText, carried } from './typedColumns';

type Arrangement = 'metre' | 'modulate' | 'view' | 'hidden' | 'blank' | 'order' | 'weights' | 'pattern';

function change(words: string, update: (progression: Progression) => Progression, burst?: string): void {
  const open = progressionNow();
  if (open) editDocument(open, words, update, burst && `${burst} ${open.id}`);
}

function changeColumns(
  words: string,
  update: (columns: readonly ProgressionColumn[], progression: Progression) => readonly ProgressionColumn[],
  burst?: string,
): void {
  change(
    words,
    (progression) => {
      const columns = update(progression.columns, progression);
      return columns === progression.columns ? progression : { ...progression, columns };
    },
    burst,
  );
}

export const openProgression = (id: string) => PROGRESSIONS_DESK.set({ open: id, column: null });

/** Adds a progression and opens it. A new one keeps the key of the one that was open. */
export function addProgression(progression?: Progression): void {
  const { documents } = useDocuments.getState();
  const all = documentsOf(documents, 'progression');
  const titles = all.map(({ body }) => body.title);
  const title = freeTitle(progression?.title ?? `Progression ${all.length + 1}`, titles);
  const made = progression
    ? { ...progression, title }
    : {
        ...FIRST_PROGRESSION,
        title,
        key: progressionNow()?.body.key ?? FIRST_PROGRESSION.key,
      };
  openProgression(addDocument('progression', newId(), made, `the added progression “${made.title}”`));
}

export function removeProgression(id: string): void {
  const title = documentsOf(useDocuments.getState().documents, 'progression').find((one) => one.id === id)
    ?.body.title;
  removeDocument(id, `the removed progression “${title ?? ''}”`);
  PROGRESSIONS_DESK.set({ open: null, column: null });
}

export const renameProgression = (title: string) =>
  change('the title', (one) => ({ ...one, title }), 'title');

export const setTempo = (tempo: number) => change('the tempo', (one) => ({ ...one, tempo }), 'tempo');

export const setSource = (source: string) => change('the source', (one) => ({ ...one, source }), 'source');

/**
 * Reads the whole line anew, keeping the identity of columns that did not change. Every chord that is typed
 * is undone by itself.
 */
export function typeLine(line: string): void {
  const count = line.split(/[\s|]+/).filter(Boolean).length;
  change(
    'typing in the line',
    (progression) => {
      const { columns, upbeat } = readColumns(line, progression, schoolNow());
      const merged = mergeByText(progression.columns, columns, timedText, carried);
      return merged === progression.columns && upbeat === progression.upbeat
        ? progression
        : { ...progression, upbeat, columns: merged };
    },
    `line ${count}`,
  );
}

/** Puts a typed melody over the columns. */
export function typeMelody(text: string): void {
  const { letters } = schoolNow();
  changeColumns(
    'typing in the melody',
    (columns) => {
      const { groups } = readMelody(text, columns.length, letters);
      return columns.map((column, at) =>
        withChanges(column, { melody: groups[at] && groups[at].length > 0 ? groups[at] : undefined }),
      );
    },
    `melody ${text.split(/\s+/).length}`,
  );
}

/** Puts an entry after the given column, or at the end; returns the new column's id. */
export function addEntry(entry: Entry, after: string | null = null): string {
  const id = newId();
  if (!progressionNow()) addProgression();
  changeColumns('the added chord', (columns) => {
    const at = after === null ? columns.length : columns.findIndex((c) => c.id === after) + 1;
    // In a line with bars a new chord is as long as the one before it.
    const length = isTimed(columns) ? { length: columns[at - 1]?.length ?? printLength(USUAL_TICKS) } : {};
    return [...columns.slice(0, at), { id, entry, ...length }, ...columns.slice(at)];
  });
  return id;
}

/**
 * Puts numerals at the end of the line or in place of it, in four voices where they are given: all in one
 * edit.
 */
export function putHarmony(
  { numerals, voices, lengths }: Pick<FoundHarmony, 'numerals' | 'voices' | 'lengths'>,
  replace: boolean,
): void {
  change(replace ? 'the chords put in place of the line' : 'the chords put at the end', (progression) => ({
    ...progression,
    ...(voices ? { view: 'four-part' as const } : {}),
    columns: [
      ...(replace ? [] : progression.columns),
      ...numerals.map((text, at): ProgressionColumn => ({
        id: newId(),
        entry: { kind: 'numeral', text },
        ...(lengths ? { length: lengths[at]! } : {}),
        ...(voices ? { locks: voices[at]! } : {}),
      })),
    ],
  }));
}

export const removeColumns = (ids: readonly string[]) =>
  changeColumns(ids.length === 1 ? 'the removed column' : 'the removed columns', (columns) =>
    columns.filter((c) => !ids.includes(c.id)),
  );

export const moveColumn = (id: string, by: 1 | -1) =>
  changeColumns('the moved column', (columns) => {
    const at = columns.findIndex((c) => c.id === id);
    const to = at + by;
    if (at < 0 || to < 0 || to >= columns.length) return columns;
    const next = [...columns];
    [next[at], next[to]] = [next[to]!, next[at]!];
    return next;
  });

export const invertColumn = (id: string, by: 1 | -1) =>
  changeColumns('the inversion', (columns, { key }) =>
    columns.map((column, at) => {
      if (column.id !== id || !('entry' in column)) return column;
      const inverted = attempt(() => invertEntry(column.entry, areasOf(columns, parseKey(key))[at]!, by));
      return inverted.ok ? { ...withChanges(column, { locks: undefined }), entry: inverted.value } : column;
    }),
  );

/** What a ruling is called when it is undone. */
const RULED: Record<keyof ColumnRulings, string> = {
  ruling: 'the ruling',
  key: 'the change of key',
  phraseEnd: 'the end of the phrase',
  words: 'the words',
  melody: 'the melody',
  locks: 'the locked voices',
  length: 'the length',
  repeatStart: 'the repeat',
  repeatEnd: 'the repeat',
  ending: 'the ending',
  metre: 'the change of metre',
  answer: 'the answer',
  held: 'the held notes',
};

/** What is decided about a column beside its entry; undefined takes a decision back. */
export function decide(
  ids: string | readonly string[],
  rulings: Changes<ColumnRulings>,
  burst?: string,
): void {
  const words = RULED[Object.keys(rulings)[0] as keyof ColumnRulings] ?? 'the ruling';
  changeColumns(
    words,
    (columns) =>
      columns.map((column) => ([ids].flat().includes(column.id) ? withChanges(column, rulings) : column)),
    burst,
  );
}

/** Other chords in given columns, in one edit. */
export const replaceEntries = (entries: ReadonlyMap<string, Entry>) =>
  changeColumns('the chords put in', (columns) =>
    columns.map((column) => {
      const entry = entries.get(column.id);
      return entry
        ? { ...withChanges(column, { answer: undefined, ruling: undefined, locks: undefined }), entry }
        : column;
    }),
  );

/** Locks voices in given columns, or frees them with null; the rest stays. */
export const lockVoice = (voice: number, notes: ReadonlyMap<string, string | null>) =>
  changeColumns('the locked voice', (columns) =>
    columns.map((column) => {
      const note = notes.get(column.id);
      if (note === undefined) return column;
      const locks = (column.locks ?? [null, null, null, null]).map((lock, at) =>
        at === voice ? note : lock,
      );
      return withChanges(column, { locks: locks.every((lock) => lock === null) ? undefined : locks });
    }),
  );

const ARRANGED: Record<Arrangement, string> = {
  metre: 'the metre',
  modulate: 'finding keys',
  view: 'the setting',
  hidden: 'the rows',
  blank: 'the blank rows',
  order: 'the order of the rows',
  weights: 'the weights of the rules',
  pattern: 'the pattern',
};

/** How the line is read and shown. */
export const arrange = (part: Partial<Pick<Progression, Arrangement>>) =>
  change(ARRANGED[Object.keys(part)[0] as Arrangement], (progression) => ({ ...progression, ...part }));

/** Same chords, new numerals. */
export const reread = (key: string) =>
  change('the new key', (progression) => ({
    ...progression,
    key,
    columns: rereadLine({ key: parseKey(progression.key), columns: progression.columns }, parseKey(key))
      .columns,
  }));

/**
 * Moves the line, or the columns of a range, to where the keys are taken. Returns the error where a chord
 * cannot be written there.
 */
export function transposeLine(move: KeyMove, range?: readonly [number, number] | null): TheoryError | null {
  const open = progressionNow()?.body;
  if (!open) return null;
  const line = { key: parseKey(open.key), columns: open.columns };
  const moved = attempt(() => (range ? moveLine(line, move, ...range) : moveLine(line, move)));
  if (!moved.ok) return moved.error;
  const { key, columns } = moved.value;
  change('the move to another key', (progression) => ({ ...progression, key: printKey(key), columns }));
  return null;
}
