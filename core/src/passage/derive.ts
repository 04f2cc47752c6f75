import { labelLine, type LineLabel } from '../context/labelLine';
import { labelEntry, type LabelledColumn } from '../context/labels';
import { TheoryError } from '../errors';
import { parseKey, type Key } from '../key/key';
import { anchoredFingering, type HeldFingers } from '../keyboard/anchors';
import type { LineColumn } from '../line/column';
import { readLine, type Entry } from '../line/entry';
import { sameValue } from '../same';
import { DEFAULT_LABEL_STYLE, type LabelStyle } from '../school/school';
import { placesOf, type Place } from '../time/bars';
import { parseMetre } from '../time/metre';
import type { Setting } from '../voicing/close';
import type { MelodyNote } from '../voicing/harmonise';
import { settingsOfChords } from '../voicing/lineSettings';
import { melodyOver } from './melodyOver';

/** A column of a passage: an entry, or a piece of text that is not understood. */
export type PassageColumn = Omit<LineColumn, 'entry'> & {
  readonly id: string;
  readonly entry?: Entry;
  readonly unread?: string;
};

/** A line of chords as a whole: what decides how it is read, timed and played. */
export interface Passage<Column extends PassageColumn = PassageColumn> {
  readonly key: string;
  readonly metre: string;
  readonly upbeat: string;
  /** Whether changes of key are found, beside those that are marked. */
  readonly modulate: boolean;
  readonly columns: readonly Column[];
}

/**
 * A column with everything derived from it: labels or the error, what its context says, and the notes it is
 * set to.
 */
export interface DerivedColumn<Column extends PassageColumn = PassageColumn> {
  readonly column: Column;
  readonly line: LineLabel | null;
  readonly labelled: LabelledColumn;
  /** Null where it cannot be read, or is still to be worked back. */
  readonly setting: Setting | null;
  readonly place: Place;
  /** Fingers of the right hand, where they were asked for. */
  readonly fingers: HeldFingers | null;
  /** Notes of its melody that pass, turn or clash, counted from its first. */
  readonly against: readonly MelodyNote[];
}

/** Whether no chord sounds in a column. */
export function isRestColumn({ entry }: PassageColumn): boolean {
  return entry?.kind === 'rest';
}

/** Whether a chord is to be worked back, and so is not shown. */
export function isSoughtColumn({ entry }: PassageColumn): boolean {
  return entry?.kind === 'sought';
}

/**
 * Derives everything from a passage, for the page and for files alike. A column that says the same as in
 * `before` stays the same object, so that only changed ones are drawn again.
 */
export function derivePassage<Column extends PassageColumn>(
  passage: Passage<Column>,
  school: LabelStyle = DEFAULT_LABEL_STYLE,
  fingered = false,
  before: readonly DerivedColumn<Column>[] = [],
): DerivedColumn<Column>[] {
  const key = parseKey(passage.key);
  const { columns } = passage;
  const entered = columns.flatMap((column) => (column.entry ? [column as Column & { entry: Entry }] : []));
  const labels = labelLine(entered, key, { modulate: passage.modulate }, school);
  const lines = new Map(entered.map((column, index) => [column.id, labels[index]!]));
  const labelled = columns.map(
    (column) => lines.get(column.id)?.labelled ?? labelUnread(column, key, school),
  );
  const isSet = columns.map((column, at) => labelled[at]!.ok && !isSoughtColumn(column));
  const settings = settingsOfChords(labelled.flatMap((one, at) => (one.ok && isSet[at] ? [one.labels] : [])));
  const places = placesOf(columns, parseMetre(passage.metre), passage.upbeat);
  const fingers = fingered ? anchoredFingering(settings.map(({ upper }) => upper)) : [];
  const against = melodyOver(columns, labelled);
  const known = new Map(before.map((one) => [one.column.id, one]));
  let next = 0;
  return columns.map((column, index) => {
    const at = isSet[index] ? next++ : -1;
    const now: DerivedColumn<Column> = {
      column,
      line: lines.get(column.id) ?? null,
      labelled: labelled[index]!,
      setting: settings[at] ?? null,
      place: places[index]!,
      fingers: fingers[at] ?? null,
      against: against[index]!,
    };
    const old = known.get(column.id);
    return old && sameValue(old, now) ? old : now;
  });
}

/** What an unread piece of text says now; in another key or school it may have become readable. */
function labelUnread({ unread = '' }: PassageColumn, key: Key, school: LabelStyle): LabelledColumn {
  const token = readLine(unread, key, school)[0];
  if (token && 'entry' in token) return labelEntry(token.entry, key, school);
  const error =
    token?.error ??
    new TheoryError('entry', unread, 'nothing can be read here.', 'Write a numeral, a symbol or notes.');
  return { ok: false, error };
}
