import {
  displayNoteName, labelEntry, labelLine, numeralParts, parseKey, readLine, sameNumeral, settingsOfChords, printedFifths, speakChord, speakNumeral, type ColumnLabels, type Key, type Fault, type FourNotes, type LabelledColumn, type LineLabel, type VoiceName,
  type School, type Setting, type Note, sameNote, TheoryError,
} from '@diatonix/core'; // prettier-ignore
import type { GridCell, GridColumn, GridRow, StaffDrawing } from '../../columns/types';
import { keyName } from '../../design/names';
import { Figures, NumeralText } from '../../design/NumeralText';
import { accidentalSigns } from '../../design/signs';
import type { Engraver } from '../../notation/engraver';
import { GRAND_STAFF } from '../../notation/frames';
import type { Column, Progression } from '../../workbook/model';
import { columnText } from './slice';
import type { FourParts } from './useFourParts';

export const ROWS: readonly GridRow[] = [
  { id: 'key', label: 'Key', kind: 'soft', parted: true },
  { id: 'numeral', label: 'Numeral', kind: 'numeral' },
  { id: 'figures', label: 'Figured bass', kind: 'figures' },
  { id: 'targets', label: 'Targets', kind: 'targets' },
  { id: 'symbol', label: 'Symbol', kind: 'text' },
  { id: 'notes', label: 'Notes', kind: 'soft' },
  { id: 'degrees', label: 'Degrees', kind: 'soft' },
  { id: 'function', label: 'Function', kind: 'soft' },
  { id: 'cadence', label: 'Cadence', kind: 'soft' },
];

const FAULTS: GridRow = { id: 'faults', label: 'Faults', kind: 'soft', parted: true };

/** The rows that are shown, in their order. */
export function shownRows({ hidden, view }: Progression): GridRow[] {
  const rows = ROWS.filter(({ id }) => !hidden.includes(id));
  return view === 'four-part' ? [...rows, FAULTS] : rows;
}

/** A column with everything derived from it: labels or the error, what its context says, and the notes it is set to. */
export interface DerivedColumn {
  readonly column: Column;
  readonly line: LineLabel | null;
  readonly labelled: LabelledColumn;
  readonly setting: Setting | null;
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
    const labelled = progression.columns.map((column) => lines.get(column.id)?.labelled ?? this.unreadNow(column, key, school));
    const settings = settingsOfChords(labelled.flatMap((one) => (one.ok ? [one.labels] : [])));
    let next = 0;
    const derived = progression.columns.map((column, index) =>
      this.keep(column, lines.get(column.id) ?? null, labelled[index]!, labelled[index]!.ok ? settings[next++]! : null),
    );
    this.known = new Map(derived.map((d) => [d.column.id, d]));
    return derived;
  }

  /** The same object as last time while nothing in it changed. */
  private keep(column: Column, line: LineLabel | null, labelled: LabelledColumn, setting: Setting | null): DerivedColumn {
    const old = this.known.get(column.id);
    if (old && old.column === column && sameSetting(old.setting, setting) && sameLine(old.line, line)) return old;
    return { column, line, labelled, setting };
  }

  private unreadNow(column: Column, key: Key, school: School): LabelledColumn {
    const text = 'unread' in column ? column.unread : '';
    let found = this.unread.get(text);
    if (!found) this.unread.set(text, (found = labelUnread(text, key, school)));
    return found;
  }
}

const FACTS = ['key', 'keyBegins', 'cadence', 'bracketFrom', 'bracketTo', 'open', 'arrowFrom', 'arrowTo', 'ruled'] as const;

/** Whether the context says the same of a column as before. */
function sameLine(a: LineLabel | null, b: LineLabel | null): boolean {
  if (a === null || b === null) return a === b;
  if (!a.labelled.ok || !b.labelled.ok) return !a.labelled.ok && !b.labelled.ok && a.labelled.error.message === b.labelled.error.message;
  return (
    FACTS.every((name) => a[name] === b[name]) && sameNumeral(a.labelled.labels.numeral, b.labelled.labels.numeral) && sameNumeral(a.pivot, b.pivot)
  );
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

interface Drawn {
  readonly derived: DerivedColumn;
  readonly staff: StaffDrawing | null;
  readonly position: number;
  readonly blank: readonly string[];
  readonly faults: string;
  readonly grid: GridColumn;
}

/** A fault in a few words: the rule and the voices. */
export function faultWords({ rule, voices }: Fault): string {
  return `${rule.replaceAll('-', ' ')}, ${voices.join(' and ')}`;
}

/** Four voices on two staves, stems up and down; the notes of a fault in correction ink. */
function drawVoices(engraver: Engraver, [soprano, alto, tenor, bass]: FourNotes, faults: readonly Fault[], fifths: number): StaffDrawing {
  const faulty = (voice: VoiceName) => (faults.some(({ voices }) => voices.includes(voice)) ? [0] : []);
  return engraver.column(
    [
      { clef: 'treble', notes: [soprano], below: [alto], faulty: [faulty('soprano'), faulty('alto')] },
      { clef: 'bass', notes: [tenor], below: [bass], faulty: [faulty('tenor'), faulty('bass')] },
    ],
    GRAND_STAFF,
    fifths,
    'h',
  );
}

/** Grid columns whose objects stay the same while nothing in them changes, so that only changed columns are drawn again. */
export class GridColumns {
  private known = new Map<string, Drawn>();

  build(
    derived: readonly DerivedColumn[],
    key: Key,
    school: School,
    engraver: Engraver | null,
    blank: readonly string[],
    parts: FourParts,
  ): GridColumn[] {
    const fifths = printedFifths(key);
    const next: typeof this.known = new Map();
    const grid = derived.map((one, position) => {
      const { column, setting } = one;
      const voices = parts.voices[position] ?? null;
      const faults = parts.faults.filter(({ at }) => at === position);
      const said = faults.map(faultWords).join(', ');
      const staff = (engraver && setting && (voices ? drawVoices(engraver, voices, faults, fifths) : drawSetting(engraver, setting, fifths))) || null;
      const old = this.known.get(column.id);
      const same = old && old.derived === one && old.staff === staff && old.position === position && old.blank === blank && old.faults === said;
      const entry = same
        ? old
        : { derived: one, staff, position, blank, faults: said, grid: blanked(gridColumn(one, position, staff, school, said), blank) };
      next.set(column.id, entry);
      return entry.grid;
    });
    this.known = next;
    return grid;
  }
}

/** Rows left blank for the class; the column is still said to be there. */
function blanked(column: GridColumn, blank: readonly string[]): GridColumn {
  if (blank.length === 0 || column.problem !== undefined) return column;
  const cells = Object.fromEntries(
    Object.entries(column.cells).map(([row, cell]) => [
      row,
      blank.includes(row) ? { text: 'to be filled in', content: <span className="blank" aria-hidden="true" /> } : cell,
    ]),
  );
  return { ...column, sentence: blank.includes('numeral') ? column.sentence.split(',')[0]! : column.sentence, cells };
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

function gridColumn(
  { column, labelled, line }: DerivedColumn,
  position: number,
  staff: StaffDrawing | null,
  school: School,
  faults: string,
): GridColumn {
  const { id } = column;
  const barred = column.phraseEnd === true;
  if (!labelled.ok) {
    return { id, sentence: `bar ${position + 1}, not understood: ${labelled.error.message}`, staff, cells: {}, problem: columnText(column), barred };
  }
  const { labels } = labelled;
  const numeral = speakNumeral(labels.numeralParts);
  return {
    id,
    sentence: `bar ${position + 1}, ${speakChord(labels.chord)}, ${numeral}${line ? contextSentence(line, school) : ''}${faults === '' ? '' : `, fault: ${faults}`}`,
    staff,
    barred,
    cells: {
      key: keyCell(line, position, school),
      numeral: { text: `${numeral}${line?.ruled ? ', ruled' : ''}`, content: <NumeralCell labels={labels} line={line} school={school} /> },
      figures: {
        text: labels.figures.map(accidentalSigns).join(' '),
        content: labels.figures.length > 0 ? <Figures figures={labels.figures} /> : '',
      },
      targets: targetsCell(line),
      symbol: { text: labels.symbol },
      notes: { text: labels.letters.join(' ') },
      degrees: { text: labels.degrees },
      function: { text: functionWord(labels, line, school) },
      cadence: { text: line?.cadence ? CADENCES[line.cadence] : '' },
      faults: { text: faults, content: faults === '' ? '' : <span className="wrong">{faults}</span> },
    },
  };
}

const CADENCES: Record<NonNullable<LineLabel['cadence']>, string> = {
  perfect: 'perfect',
  imperfect: 'imperfect',
  plagal: 'plagal',
  half: 'half',
  deceptive: 'deceptive',
  'phrygian-half': 'Phrygian half',
};

function keyCell(line: LineLabel | null, position: number, school: School): GridCell {
  return { text: line && (line.keyBegins || position === 0) ? keyName(line.key, school) : '' };
}

/** The numeral; a pivot chord has that of the key it leaves too, and a ruling its mark. */
function NumeralCell({ labels, line, school }: { labels: ColumnLabels; line: LineLabel | null; school: School }) {
  return (
    <>
      {line?.pivot && line.pivotKey && (
        <span className="pivot">
          <NumeralText parts={numeralParts(line.pivot, line.pivotKey, school)} />
        </span>
      )}
      <NumeralText parts={labels.numeralParts} />
      {line?.ruled && (
        <span className="ruled" aria-hidden="true">
          ruled
        </span>
      )}
    </>
  );
}

function targetsCell(line: LineLabel | null): GridCell {
  if (!line) return { text: '' };
  const { bracketFrom, bracketTo, open, arrowFrom, arrowTo } = line;
  const said = [
    bracketFrom && 'ii of the next',
    bracketTo && 'V of the bracket',
    open && 'its target is open',
    arrowFrom && 'goes to the next',
    arrowTo && 'target',
  ];
  return {
    text: said.filter(Boolean).join(', '),
    content: (
      <>
        {bracketFrom && <span className="bracket-from" />}
        {bracketTo && <span className="bracket-to" />}
        {arrowFrom && <span className="arrow-from" />}
        {arrowTo && <span className="arrow-to">▾</span>}
        {open && <span className="open">open</span>}
      </>
    ),
  };
}

function contextSentence(line: LineLabel, school: School): string {
  const parts = [
    line.keyBegins ? `in ${keyName(line.key, school)}` : '',
    line.arrowFrom ? 'goes to the next' : '',
    line.open ? 'target open' : '',
    line.cadence ? `${CADENCES[line.cadence]} cadence` : '',
  ];
  return parts
    .filter((part) => part !== '')
    .map((part) => `, ${part}`)
    .join('');
}

function functionWord(labels: ColumnLabels, line: LineLabel | null, school: School): string {
  if (labels.numeral.special === 'Cad' || (line?.readings[0]?.reason === 'cadential-six-four' && !line.ruled)) return 'dominant';
  const { target } = labels.numeral;
  if (target) return `to ${labels.numeralParts.target ? plain(labels.numeralParts.target) : displayNoteName(labels.chord.root, school.letters)}`;
  return labels.function === 'pre-dominant' ? 'pre-dom.' : (labels.function ?? '');
}

function plain(parts: ColumnLabels['numeralParts']): string {
  return accidentalSigns(parts.prefix) + parts.roman + (parts.quality === 'o' ? '°' : parts.quality);
}
