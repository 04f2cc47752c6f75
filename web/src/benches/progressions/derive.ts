import {
  anchoredFingering,
  labelEntry,
  labelLine,
  melodyAgainst,
  parseKey,
  parseMetre,
  parseNote,
  placesOf,
  readLine,
  sameNote,
  sameNumeral,
  settingsOfChords,
  TheoryError,
  type HeldFingers,
  type Key,
  type LabelledColumn,
  type LineLabel,
  type MelodyNote,
  type Note,
  type Place,
  type School,
  type Setting,
} from '@diatonix/core';
import type { Column, Progression } from '../../workbook/model';

/**
 * A column with everything derived from it: labels or the error, what its context says, and the notes it is
 * set to.
 */
export interface DerivedColumn {
  readonly column: Column;
  readonly line: LineLabel | null;
  readonly labelled: LabelledColumn;
  readonly setting: Setting | null;
  readonly place: Place;
  /** Fingers of the right hand, where they are shown. */
  readonly fingers: HeldFingers | null;
  /** Notes of its melody that pass, turn or clash, counted from its first. */
  readonly against: readonly MelodyNote[];
}

/**
 * Labels and settings of a progression. What did not change from one edit to
 * the next stays the same object, so that only changed columns are drawn
 * again. Keep one per bench.
 */
export class ProgressionDeriver {
  private unread = new Map<string, LabelledColumn>();
  private context = '';
  private known = new Map<string, DerivedColumn>();

  derive(progression: Progression, school: School): DerivedColumn[] {
    const context = `${progression.key} ${JSON.stringify(school)}`;
    if (context !== this.context) {
      this.unread = new Map();
      this.known = new Map();
      this.context = context;
    }
    const key = parseKey(progression.key);
    const entered = progression.columns.flatMap((column) => ('entry' in column ? [column] : []));
    const labels = labelLine(entered, key, { modulate: progression.modulate }, school);
    const lines = new Map(entered.map((column, index) => [column.id, labels[index]!]));
    const labelled = progression.columns.map(
      (column) => lines.get(column.id)?.labelled ?? this.unreadNow(column, key, school),
    );
    const settings = settingsOfChords(
      labelled.flatMap((one, at) =>
        one.ok && !isSoughtColumn(progression.columns[at]!) ? [one.labels] : [],
      ),
    );
    const places = placesOf(progression.columns, parseMetre(progression.metre), progression.pickup);
    const fingers =
      progression.view === 'keyboard' && !progression.hidden.includes('fingers')
        ? anchoredFingering(settings.map(({ upper }) => upper))
        : null;
    const against = againstMelody(progression.columns, labelled);
    let next = 0;
    const derived = progression.columns.map((column, index) => {
      const at = labelled[index]!.ok && !isSoughtColumn(column) ? next++ : null;
      return this.keep({
        column,
        line: lines.get(column.id) ?? null,
        labelled: labelled[index]!,
        setting: at === null ? null : settings[at]!,
        place: places[index]!,
        fingers: at === null ? null : (fingers?.[at] ?? null),
        against: against[index]!,
      });
    });
    this.known = new Map(derived.map((d) => [d.column.id, d]));
    return derived;
  }

  /** The same object as last time while nothing in it changed. */
  private keep(now: DerivedColumn): DerivedColumn {
    const old = this.known.get(now.column.id);
    const same =
      old &&
      old.column === now.column &&
      samePlace(old.place, now.place) &&
      sameSetting(old.setting, now.setting) &&
      sameLine(old.line, now.line) &&
      sameFingers(old.fingers, now.fingers) &&
      sameAgainst(old.against, now.against);
    return same ? old : now;
  }

  private unreadNow(column: Column, key: Key, school: School): LabelledColumn {
    const text = 'unread' in column ? column.unread : '';
    let found = this.unread.get(text);
    if (!found) this.unread.set(text, (found = labelUnread(text, key, school)));
    return found;
  }
}

const FACTS = [
  'key',
  'keyBegins',
  'cadence',
  'bracketFrom',
  'bracketTo',
  'open',
  'arrowFrom',
  'arrowTo',
  'ruled',
] as const;

/** Whether the context says the same of a column as before. */
function sameLine(a: LineLabel | null, b: LineLabel | null): boolean {
  if (a === null || b === null) return a === b;
  if (!a.labelled.ok || !b.labelled.ok)
    return !a.labelled.ok && !b.labelled.ok && a.labelled.error.message === b.labelled.error.message;
  return (
    FACTS.every((name) => a[name] === b[name]) &&
    a.sought?.kind === b.sought?.kind &&
    sameNumeral(a.labelled.labels.numeral, b.labelled.labels.numeral) &&
    sameNumeral(a.pivot, b.pivot)
  );
}

const PLACE = ['bar', 'beat', 'ticks', 'opens', 'closes'] as const;

function samePlace(a: Place, b: Place): boolean {
  return PLACE.every((name) => a[name] === b[name]);
}

function sameFingers(a: HeldFingers | null, b: HeldFingers | null): boolean {
  return (
    a === b ||
    (a !== null && b !== null && a.fingers.join() === b.fingers.join() && a.held.join() === b.held.join())
  );
}

function sameAgainst(a: readonly MelodyNote[], b: readonly MelodyNote[]): boolean {
  return a.length === b.length && a.every(({ at, kind }, i) => at === b[i]!.at && kind === b[i]!.kind);
}

/** Whether a chord is to be worked back, and so is not shown. */
export function isSoughtColumn(column: Column): boolean {
  return 'entry' in column && column.entry.kind === 'sought';
}

const NOTHING_AGAINST: readonly MelodyNote[] = [];

/** The melody over the whole line, against the chord under each note. */
function againstMelody(
  columns: readonly Column[],
  labelled: readonly LabelledColumn[],
): (readonly MelodyNote[])[] {
  if (columns.every(({ melody }) => melody === undefined)) return columns.map(() => NOTHING_AGAINST);
  const notes = columns.flatMap(({ melody }, column) =>
    (melody ?? []).map((note, own) => ({ note: parseNote(note), column, own })),
  );
  const chords = notes.map(({ column }) => {
    const one = labelled[column]!;
    return one.ok ? one.labels.chord : null;
  });
  const found = columns.map((): MelodyNote[] => []);
  for (const { at, kind } of melodyAgainst(
    notes.map(({ note }) => note),
    chords,
  ))
    found[notes[at]!.column]!.push({ at: notes[at]!.own, kind });
  return found;
}

function sameSetting(a: Setting | null, b: Setting | null): boolean {
  if (a === null || b === null) return a === b;
  const same = (one: readonly Note[], other: readonly Note[]) =>
    one.length === other.length && one.every((note, i) => sameNote(note, other[i]!));
  return same(a.lower, b.lower) && same(a.upper, b.upper);
}

/** What an unread piece of text says now; in another key or school it may have become readable. */
function labelUnread(text: string, key: Key, school: School): LabelledColumn {
  const token = readLine(text, key, school)[0];
  if (token && 'entry' in token) return labelEntry(token.entry, key, school);
  return {
    ok: false,
    error:
      token?.error ??
      new TheoryError('entry', text, 'nothing can be read here.', 'Write a numeral, a symbol or notes.'),
  };
}
