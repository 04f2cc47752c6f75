import {
  displayNoteName, labelEntry, parseKey, readLine, settingsOf, printedFifths, speakChord, speakNumeral, type ColumnLabels, type Entry, type Key, type LabelledColumn,
  type School, type Setting, type Note, sameNote, TheoryError,
} from '@diatonix/core'; // prettier-ignore
import type { GridColumn, GridRow, StaffDrawing } from '../../columns/types';
import { Figures, NumeralText } from '../../design/NumeralText';
import { accidentalSigns } from '../../design/signs';
import type { Engraver } from '../../notation/engraver';
import { GRAND_STAFF } from '../../notation/frames';
import type { Column, Progression } from '../../workbook/model';
import { columnText } from './slice';

export const ROWS: readonly GridRow[] = [
  { id: 'numeral', label: 'Numeral', kind: 'numeral', parted: true },
  { id: 'figures', label: 'Figured bass', kind: 'figures' },
  { id: 'symbol', label: 'Symbol', kind: 'text' },
  { id: 'notes', label: 'Notes', kind: 'soft' },
  { id: 'degrees', label: 'Degrees', kind: 'soft' },
  { id: 'function', label: 'Function', kind: 'soft' },
];

/** A column with everything derived from it: labels or the error, and the notes it is set to. */
export interface DerivedColumn {
  readonly column: Column;
  readonly labelled: LabelledColumn;
  readonly setting: Setting | null;
}

/**
 * Labels and settings of a progression, each column computed once for its
 * entry, key and school. Keep one per bench.
 */
export class ProgressionDeriver {
  private labels = new WeakMap<Entry, LabelledColumn>();
  private unread = new Map<string, LabelledColumn>();
  private context = '';
  private known = new Map<string, DerivedColumn>();

  derive(progression: Progression, school: School): DerivedColumn[] {
    const context = `${progression.key} ${JSON.stringify(school)}`;
    if (context !== this.context) {
      this.labels = new WeakMap();
      this.unread = new Map();
      this.context = context;
    }
    const key = parseKey(progression.key);
    const labelled = progression.columns.map((column) => this.label(column, key, school));
    const good = progression.columns.flatMap((column, index) => ('entry' in column && labelled[index]!.ok ? [column.entry] : []));
    const settings = settingsOf(good, key);
    let next = 0;
    const derived = progression.columns.map((column, index) => this.keep(column, labelled[index]!, labelled[index]!.ok ? settings[next++]! : null));
    this.known = new Map(derived.map((d) => [d.column.id, d]));
    return derived;
  }

  /** The same object as last time while nothing in it changed. */
  private keep(column: Column, labelled: LabelledColumn, setting: Setting | null): DerivedColumn {
    const old = this.known.get(column.id);
    if (old && old.column === column && old.labelled === labelled && sameSetting(old.setting, setting)) return old;
    return { column, labelled, setting };
  }

  private label(column: Column, key: Key, school: School): LabelledColumn {
    if ('entry' in column) {
      let found = this.labels.get(column.entry);
      if (!found) this.labels.set(column.entry, (found = labelEntry(column.entry, key, school)));
      return found;
    }
    let found = this.unread.get(column.unread);
    if (!found) this.unread.set(column.unread, (found = labelUnread(column.unread, key, school)));
    return found;
  }
}

function sameSetting(a: Setting | null, b: Setting | null): boolean {
  if (a === null || b === null) return a === b;
  const same = (one: readonly Note[], other: readonly Note[]) => one.length === other.length && one.every((note, i) => sameNote(note, other[i]!));
  return same(a.lower, b.lower) && same(a.upper, b.upper);
}

/** What an unread piece of text says now; in another key or school it may have become readable. */
function labelUnread(text: string, key: Key, school: School): LabelledColumn {
  const token = readLine(text, key, school)[0];
  if (token && 'entry' in token) return labelEntry(token.entry, key, school);
  return { ok: false, error: token?.error ?? new TheoryError('entry', text, 'nothing can be read here.', 'Write a numeral, a symbol or notes.') };
}

/** Grid columns whose objects stay the same while nothing in them changes, so that only changed columns are drawn again. */
export class GridColumns {
  private known = new Map<string, { labelled: LabelledColumn; staff: StaffDrawing | null; position: number; grid: GridColumn }>();

  build(derived: readonly DerivedColumn[], key: Key, school: School, engraver: Engraver | null): GridColumn[] {
    const fifths = printedFifths(key);
    const next: typeof this.known = new Map();
    const grid = derived.map(({ column, labelled, setting }, position) => {
      const staff = (engraver && setting && drawSetting(engraver, setting, fifths)) || null;
      const old = this.known.get(column.id);
      const same = old && old.labelled === labelled && old.staff === staff && old.position === position;
      const entry = same ? old : { labelled, staff, position, grid: gridColumn(column, position, labelled, staff, school) };
      next.set(column.id, entry);
      return entry.grid;
    });
    this.known = next;
    return grid;
  }
}

function drawSetting(engraver: Engraver, setting: Setting, fifths: number): StaffDrawing {
  return engraver.column(
    [
      { clef: 'treble', notes: setting.upper },
      { clef: 'bass', notes: setting.lower },
    ],
    GRAND_STAFF,
    fifths,
    'h',
  );
}

function gridColumn(column: Column, position: number, labelled: LabelledColumn, staff: StaffDrawing | null, school: School): GridColumn {
  const { id } = column;
  if (!labelled.ok) {
    return { id, sentence: `bar ${position + 1}, not understood: ${labelled.error.message}`, staff, cells: {}, problem: columnText(column) };
  }
  const { labels } = labelled;
  const numeral = speakNumeral(labels.numeralParts);
  return {
    id,
    sentence: `bar ${position + 1}, ${speakChord(labels.chord)}, ${numeral}`,
    staff,
    cells: {
      numeral: { text: numeral, content: <NumeralText parts={labels.numeralParts} /> },
      figures: {
        text: labels.figures.map(accidentalSigns).join(' '),
        content: labels.figures.length > 0 ? <Figures figures={labels.figures} /> : '',
      },
      symbol: { text: labels.symbol },
      notes: { text: labels.letters.join(' ') },
      degrees: { text: labels.degrees },
      function: { text: functionWord(labels, school) },
    },
  };
}

function functionWord(labels: ColumnLabels, school: School): string {
  const { target } = labels.numeral;
  if (target) return `to ${labels.numeralParts.target ? plain(labels.numeralParts.target) : displayNoteName(labels.chord.root, school.letters)}`;
  return labels.function === 'pre-dominant' ? 'pre-dom.' : (labels.function ?? '');
}

function plain(parts: ColumnLabels['numeralParts']): string {
  return accidentalSigns(parts.prefix) + parts.roman + (parts.quality === 'o' ? '°' : parts.quality);
}
