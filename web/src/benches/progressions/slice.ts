import { attempt, entryText, invertEntry, parseKey, readLine, rereadEntry, transposeEntry, type Entry, type TheoryError } from '@diatonix/core';
import { newId } from '../../workbook/ids';
import { FIRST_PROGRESSION, openProgressionOf, type Column, type ColumnRulings, type Progression } from '../../workbook/model';
import type { WorkbookState } from '../../workbook/store';
import { mergeByText } from '../merge';

export interface ProgressionsActions {
  readonly openProgression: (id: string) => void;
  readonly addProgression: (progression?: Omit<Progression, 'id'>) => void;
  readonly removeProgression: (id: string) => void;
  readonly renameProgression: (title: string) => void;
  readonly setTempo: (tempo: number) => void;
  /** Reads the whole line anew, keeping the identity of columns that did not change. */
  readonly typeLine: (line: string) => void;
  /** Puts an entry after the given column, or at the end; returns the new column's id. */
  readonly addEntry: (entry: Entry, after?: string | null) => string;
  /** Puts numerals at the end of the line, in four voices where they are given: all in one edit. */
  readonly putHarmony: (numerals: readonly string[], voices: readonly (readonly string[])[] | null) => void;
  readonly removeColumn: (id: string) => void;
  readonly moveColumn: (id: string, by: 1 | -1) => void;
  readonly invertColumn: (id: string, by: 1 | -1) => void;
  /** What is decided about a column beside its entry; undefined takes a decision back. */
  readonly rule: (id: string, rulings: { [Name in keyof ColumnRulings]?: ColumnRulings[Name] | undefined }) => void;
  /** How the line is read and shown. */
  readonly arrange: (part: Partial<Pick<Progression, 'modulate' | 'view' | 'hidden' | 'blank' | 'rulesOff'>>) => void;
  /** Same chords, new numerals. */
  readonly reread: (key: string) => void;
  /** Same numerals, new chords. Returns the error where a chord cannot be written in the new key. */
  readonly transpose: (key: string) => TheoryError | null;
}

/** What the Progressions bench decides. */
export function progressionsSlice(get: () => WorkbookState): ProgressionsActions {
  const change = (update: (progression: Progression) => Progression, burst?: string) =>
    get().edit((workbook) => {
      const open = openProgressionOf(workbook);
      if (!open) return workbook;
      const next = update(open);
      return next === open ? workbook : { ...workbook, progressions: workbook.progressions.map((p) => (p.id === open.id ? next : p)) };
    }, burst);
  const changeColumns = (update: (columns: readonly Column[], progression: Progression) => readonly Column[], burst?: string) =>
    change((progression) => ({ ...progression, columns: update(progression.columns, progression) }), burst);

  return {
    openProgression: (id) => get().edit((workbook) => ({ ...workbook, openProgression: id })),
    addProgression: (progression) =>
      get().edit((workbook) => {
        const id = newId();
        const key = openProgressionOf(workbook)?.key ?? 'C major';
        const made = progression ?? { ...FIRST_PROGRESSION, title: `Progression ${workbook.progressions.length + 1}`, key };
        return { ...workbook, progressions: [...workbook.progressions, { ...made, id }], openProgression: id };
      }),
    removeProgression: (id) =>
      get().edit((workbook) => {
        const progressions = workbook.progressions.filter((p) => p.id !== id);
        return { ...workbook, progressions, openProgression: progressions[0]?.id ?? null };
      }),
    renameProgression: (title) => change((progression) => ({ ...progression, title }), 'progression-title'),
    setTempo: (tempo) => change((progression) => ({ ...progression, tempo }), 'tempo'),
    typeLine: (line) =>
      changeColumns((columns, { key }) => mergeByText(columns, readColumns(line, key, get().workbook.school), columnText, carried), 'line'),
    addEntry: (entry, after = null) => {
      const id = newId();
      if (!openProgressionOf(get().workbook)) get().addProgression();
      changeColumns((columns) => {
        const at = after === null ? columns.length : columns.findIndex((c) => c.id === after) + 1;
        return [...columns.slice(0, at), { id, entry }, ...columns.slice(at)];
      });
      return id;
    },
    putHarmony: (numerals, voices) =>
      change((progression) => ({
        ...progression,
        ...(voices ? { view: 'four-part' as const } : {}),
        columns: [
          ...progression.columns,
          ...numerals.map((text, at): Column => ({ id: newId(), entry: { kind: 'numeral', text }, ...(voices ? { locks: voices[at]! } : {}) })),
        ],
      })),
    removeColumn: (id) => changeColumns((columns) => columns.filter((c) => c.id !== id)),
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
        columns.map((column) => {
          if (column.id !== id || !('entry' in column)) return column;
          const inverted = attempt(() => invertEntry(column.entry, parseKey(key), by));
          return inverted.ok ? { ...column, entry: inverted.value } : column;
        }),
      ),
    rule: (id, rulings) =>
      changeColumns((columns) =>
        columns.map((column) => {
          if (column.id !== id) return column;
          const next = { ...column, ...rulings };
          for (const name of Object.keys(rulings) as (keyof ColumnRulings)[]) if (rulings[name] === undefined) delete next[name];
          return next as Column;
        }),
      ),
    arrange: (part) => change((progression) => ({ ...progression, ...part })),
    reread: (key) =>
      change((progression) => ({
        ...progression,
        key,
        columns: mapEntries(progression.columns, (entry) => rereadEntry(entry, parseKey(progression.key))),
      })),
    transpose: (key) => {
      const open = openProgressionOf(get().workbook);
      if (!open) return null;
      const moved = attempt(() => mapEntries(open.columns, (entry) => transposeEntry(entry, parseKey(open.key), parseKey(key))));
      if (!moved.ok) return moved.error;
      change((progression) => ({ ...progression, key, columns: moved.value }));
      return null;
    },
  };
}

function mapEntries(columns: readonly Column[], move: (entry: Entry) => Entry): Column[] {
  return columns.map((column) => ('entry' in column ? { ...column, entry: move(column.entry) } : column));
}

function readColumns(line: string, key: string, school: WorkbookState['workbook']['school']): Column[] {
  return readLine(line, parseKey(key), school).map((token) => ('entry' in token ? { id: '', entry: token.entry } : { id: '', unread: token.text }));
}

/** The text of one column as it stands in the entry line. */
export function columnText(column: Column): string {
  return 'entry' in column ? entryText(column.entry) : column.unread;
}

/** What stays with a place in the line when another chord is typed there. */
function carried({ key, phraseEnd }: Column): Partial<Column> {
  return { ...(key === undefined ? {} : { key }), ...(phraseEnd === undefined ? {} : { phraseEnd }) };
}
