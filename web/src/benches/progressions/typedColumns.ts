import { entryText, parseKey, parseMetre, readBarredLine, type LabelStyle } from '@diatonix/core';
import {
  type ProgressionColumn,
  type ColumnRulings,
  type Progression,
} from '../../documents/kinds/progression/type';

export type Changes<T> = { [Name in keyof T]?: T[Name] | undefined };

/** A column with changes; undefined takes a decision back. */
export function withChanges(column: ProgressionColumn, changes: Changes<ColumnRulings>): ProgressionColumn {
  const next = { ...column, ...changes };
  for (const name of Object.keys(changes) as (keyof ColumnRulings)[])
    if (changes[name] === undefined) delete next[name];
  return next as ProgressionColumn;
}

/** The columns of a typed line. Lengths and repeats stand in the line itself. */
export function readColumns(
  line: string,
  { key, metre }: Progression,
  school: LabelStyle,
): { columns: ProgressionColumn[]; upbeat: string } {
  const { tokens, upbeat } = readBarredLine(line, parseKey(key), parseMetre(metre), school);
  const columns = tokens.map((token): ProgressionColumn => {
    const { length, repeatStart, repeatEnd, ending, metre: from } = token;
    const time = {
      ...(length ? { length } : {}),
      ...(repeatStart ? { repeatStart } : {}),
      ...(repeatEnd ? { repeatEnd } : {}),
      ...(ending ? { ending } : {}),
      ...(from ? { metre: from } : {}),
    };
    return 'entry' in token
      ? { id: '', entry: token.entry, ...time }
      : { id: '', unread: token.text, ...time };
  });
  return { columns, upbeat };
}

/** The text of one column as it stands in the entry line. */
export function columnText(column: ProgressionColumn): string {
  return 'entry' in column ? entryText(column.entry) : column.unread;
}

/** The text of a column with its time. */
export function timedText(column: ProgressionColumn): string {
  const { length, repeatStart, repeatEnd, ending, metre } = column;
  const before = `${ending ?? ''} ${metre ?? ''} ${repeatStart ? '|:' : ''}`;
  return `${before}${columnText(column)}:${length ?? ''}${repeatEnd ? ':|' : ''}`;
}

/**
 * What stays with a place in the line when another chord is typed there, and what stays with a chord whose
 * time changes.
 */
export function carried(old: ProgressionColumn, now: ProgressionColumn): Partial<ProgressionColumn> {
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
