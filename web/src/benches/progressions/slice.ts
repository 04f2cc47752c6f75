import {
  attempt,
  entryText,
  invertEntry,
  moveLine,
  parseKey,
  parseMetre,
  printKey,
  readBarredLine,
  readMelody,
  rereadLine,
  type Entry,
  type KeyMove,
  type TheoryError,
  isTimed,
  areasOf,
  printLength,
  USUAL_TICKS,
} from '@diatonix/core';
import { newId } from '../../workbook/ids';
import {
  FIRST_PROGRESSION,
  openProgressionOf,
  type Column,
  type ColumnRulings,
  type Progression,
} from '../../workbook/model';
import type { WorkbookState } from '../../workbook/store';
import { mergeByText } from '../merge';

export interface ProgressionsActions {
  readonly openProgression: (id: string) => void;
  readonly addProgression: (progression?: Omit<Progression, 'id'>) => void;
  readonly removeProgression: (id: string) => void;
  readonly renameProgression: (title: string) => void;
  readonly setTempo: (tempo: number) => void;
  readonly setSource: (source: string) => void;
  /** Reads the whole line anew, keeping the identity of columns that did not change. */
  readonly typeLine: (line: string) => void;
  /** Puts a typed melody over the columns. */
  readonly typeMelody: (text: string) => void;
  /** Puts an entry after the given column, or at the end; returns the new column's id. */
  readonly addEntry: (entry: Entry, after?: string | null) => string;
  /** Puts numerals at the end of the line, in four voices where they are given: all in one edit. */
  readonly putHarmony: (numerals: readonly string[], voices: readonly (readonly string[])[] | null) => void;
  readonly removeColumns: (ids: readonly string[]) => void;
  readonly moveColumn: (id: string, by: 1 | -1) => void;
  readonly invertColumn: (id: string, by: 1 | -1) => void;
  /** What is decided about a column beside its entry; undefined takes a decision back. */
  readonly rule: (ids: string | readonly string[], rulings: Changes<ColumnRulings>, burst?: string) => void;
  /** Other chords in given columns, in one edit. */
  readonly replaceEntries: (entries: ReadonlyMap<string, Entry>) => void;
  /** Locks voices in given columns, or frees them with null; the rest stays. */
  readonly lockVoice: (voice: number, notes: ReadonlyMap<string, string | null>) => void;
  /** How the line is read and shown. */
  readonly arrange: (part: Partial<Pick<Progression, Arrangement>>) => void;
  /** Same chords, new numerals. */
  readonly reread: (key: string) => void;
  /**
   * Moves the line, or the columns of a range, to where the keys are taken. Returns the error where a chord
   * cannot be written there.
   */
  readonly transpose: (move: KeyMove, range?: readonly [number, number] | null) => TheoryError | null;
}

type Changes<T> = { [Name in keyof T]?: T[Name] | undefined };
type Arrangement = 'metre' | 'modulate' | 'view' | 'hidden' | 'blank' | 'order' | 'weights' | 'pattern';

/** What the Progressions bench decides. */
export function progressionsSlice(get: () => WorkbookState): ProgressionsActions {
  const change = (update: (progression: Progression) => Progression, burst?: string) =>
    get().edit((workbook) => {
      const open = openProgressionOf(workbook);
      if (!open) return workbook;
      const next = update(open);
      return next === open
        ? workbook
        : { ...workbook, progressions: workbook.progressions.map((p) => (p.id === open.id ? next : p)) };
    }, burst);
  const changeColumns = (
    update: (columns: readonly Column[], progression: Progression) => readonly Column[],
    burst?: string,
  ) =>
    change((progression) => ({ ...progression, columns: update(progression.columns, progression) }), burst);

  return {
    openProgression: (id) => get().edit((workbook) => ({ ...workbook, openProgression: id })),
    addProgression: (progression) =>
      get().edit((workbook) => {
        const id = newId();
        const key = openProgressionOf(workbook)?.key ?? 'C major';
        const made = progression ?? {
          ...FIRST_PROGRESSION,
          title: `Progression ${workbook.progressions.length + 1}`,
          key,
        };
        return {
          ...workbook,
          progressions: [...workbook.progressions, { ...made, id }],
          openProgression: id,
        };
      }),
    removeProgression: (id) =>
      get().edit((workbook) => {
        const progressions = workbook.progressions.filter((p) => p.id !== id);
        return { ...workbook, progressions, openProgression: progressions[0]?.id ?? null };
      }),
    renameProgression: (title) => change((progression) => ({ ...progression, title }), 'progression-title'),
    setTempo: (tempo) => change((progression) => ({ ...progression, tempo }), 'tempo'),
    setSource: (source) => change((progression) => ({ ...progression, source }), 'source'),
    typeLine: (line) =>
      change((progression) => {
        const { columns, pickup } = readColumns(line, progression, get().workbook.school);
        const merged = mergeByText(progression.columns, columns, timedText, carried);
        return merged === progression.columns && pickup === progression.pickup
          ? progression
          : { ...progression, pickup, columns: merged };
      }, 'line'),
    typeMelody: (text) =>
      changeColumns((columns) => {
        const { groups } = readMelody(text, columns.length);
        return columns.map((column, at) =>
          withChanges(column, { melody: groups[at] && groups[at].length > 0 ? groups[at] : undefined }),
        );
      }, 'melody'),
    addEntry: (entry, after = null) => {
      const id = newId();
      if (!openProgressionOf(get().workbook)) get().addProgression();
      changeColumns((columns) => {
        const at = after === null ? columns.length : columns.findIndex((c) => c.id === after) + 1;
        // In a line with bars a new chord is as long as the one before it.
        const length = isTimed(columns)
          ? { length: columns[at - 1]?.length ?? printLength(USUAL_TICKS) }
          : {};
        return [...columns.slice(0, at), { id, entry, ...length }, ...columns.slice(at)];
      });
      return id;
    },
    putHarmony: (numerals, voices) =>
      change((progression) => ({
        ...progression,
        ...(voices ? { view: 'four-part' as const } : {}),
        columns: [
          ...progression.columns,
          ...numerals.map((text, at): Column => ({
            id: newId(),
            entry: { kind: 'numeral', text },
            ...(voices ? { locks: voices[at]! } : {}),
          })),
        ],
      })),
    removeColumns: (ids) => changeColumns((columns) => columns.filter((c) => !ids.includes(c.id))),
    moveColumn: (id, by) =>
      changeColumns((columns) => {
        const at = columns.findIndex((c) => c.id === id);
        const to = at + by;
        if (at < 0 || to < 0 || to >= columns.length) return columns;
        const next = [...columns];
        [next[at], next[to]] = [next[to]!, next[at]!];
        return next;
      }),
    invertColumn: (id, by) =>
      changeColumns((columns, { key }) =>
        columns.map((column, at) => {
          if (column.id !== id || !('entry' in column)) return column;
          const inverted = attempt(() => invertEntry(column.entry, areasOf(columns, parseKey(key))[at]!, by));
          return inverted.ok
            ? { ...withChanges(column, { locks: undefined }), entry: inverted.value }
            : column;
        }),
      ),
    rule: (ids, rulings, burst) =>
      changeColumns(
        (columns) =>
          columns.map((column) => ([ids].flat().includes(column.id) ? withChanges(column, rulings) : column)),
        burst,
      ),
    replaceEntries: (entries) =>
      changeColumns((columns) =>
        columns.map((column) => {
          const entry = entries.get(column.id);
          return entry
            ? { ...withChanges(column, { answer: undefined, ruling: undefined, locks: undefined }), entry }
            : column;
        }),
      ),
    lockVoice: (voice, notes) =>
      changeColumns((columns) =>
        columns.map((column) => {
          const note = notes.get(column.id);
          if (note === undefined) return column;
          const locks = (column.locks ?? [null, null, null, null]).map((lock, at) =>
            at === voice ? note : lock,
          );
          return withChanges(column, { locks: locks.every((lock) => lock === null) ? undefined : locks });
        }),
      ),
    arrange: (part) => change((progression) => ({ ...progression, ...part })),
    reread: (key) =>
      change((progression) => ({
        ...progression,
        key,
        columns: rereadLine({ key: parseKey(progression.key), columns: progression.columns }, parseKey(key))
          .columns,
      })),
    transpose: (move, range) => {
      const open = openProgressionOf(get().workbook);
      if (!open) return null;
      const line = { key: parseKey(open.key), columns: open.columns };
      const moved = attempt(() => (range ? moveLine(line, move, ...range) : moveLine(line, move)));
      if (!moved.ok) return moved.error;
      const { key, columns } = moved.value;
      change((progression) => ({ ...progression, key: printKey(key), columns }));
      return null;
    },
  };
}

/** A column with changes; undefined takes a decision back. */
function withChanges(column: Column, changes: Changes<ColumnRulings>): Column {
  const next = { ...column, ...changes };
  for (const name of Object.keys(changes) as (keyof ColumnRulings)[])
    if (changes[name] === undefined) delete next[name];
  return next as Column;
}

/** The columns of a typed line. Lengths and repeats stand in the line itself. */
function readColumns(
  line: string,
  { key, metre }: Progression,
  school: WorkbookState['workbook']['school'],
): { columns: Column[]; pickup: string } {
  const { tokens, pickup } = readBarredLine(line, parseKey(key), parseMetre(metre), school);
  const columns = tokens.map((token): Column => {
    const { length, repeatStart, repeatEnd } = token;
    const time = {
      ...(length ? { length } : {}),
      ...(repeatStart ? { repeatStart } : {}),
      ...(repeatEnd ? { repeatEnd } : {}),
    };
    return 'entry' in token
      ? { id: '', entry: token.entry, ...time }
      : { id: '', unread: token.text, ...time };
  });
  return { columns, pickup };
}

/** The text of one column as it stands in the entry line. */
export function columnText(column: Column): string {
  return 'entry' in column ? entryText(column.entry) : column.unread;
}

/** The text of a column with its time. */
function timedText(column: Column): string {
  const { length, repeatStart, repeatEnd } = column;
  return `${repeatStart ? '|:' : ''}${columnText(column)}:${length ?? ''}${repeatEnd ? ':|' : ''}`;
}

/**
 * What stays with a place in the line when another chord is typed there, and what stays with a chord whose
 * time changes.
 */
function carried(old: Column, now: Column): Partial<Column> {
  const { key, phraseEnd, words, melody, ruling, locks, answer } = old;
  const kept = {
    key,
    phraseEnd,
    words,
    melody,
    ...(columnText(old) === columnText(now) ? { ruling, locks, answer } : {}),
  };
  return Object.fromEntries(Object.entries(kept).filter(([, value]) => value !== undefined));
}
