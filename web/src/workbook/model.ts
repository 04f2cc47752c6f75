import {
  DEFAULT_SCHOOL,
  FAMILIES,
  USUAL_METRE,
  type Clef,
  type Entry,
  type IntervalWay,
  type LineColumn,
  type Pattern,
  type RuleWeights,
  type ScaleForm,
  type School,
  type StackTop,
} from '@diatonix/core';

/** What was decided about a column beside what was entered. */
export interface ColumnRulings extends Omit<LineColumn, 'entry'> {
  /** What the class answered for a chord that is to be worked back. */
  readonly answer?: string;
}

/** A column of a progression: what was entered, or the piece of text that was not understood. */
export type Column = (
  { readonly id: string; readonly entry: Entry } | { readonly id: string; readonly unread: string }
) &
  ColumnRulings;

export interface Progression {
  readonly id: string;
  readonly title: string;
  /** Plain text, such as `A major`. */
  readonly key: string;
  /** Quarter notes a minute. */
  readonly tempo: number;
  /** Such as `3/4`. */
  readonly metre: string;
  /** Length of the upbeat in quarters, `0` for none. */
  readonly pickup: string;
  /** Where it comes from, printed under the title. */
  readonly source: string;
  /** Whether changes of key are found, or everything is read in the key above and those that are marked. */
  readonly modulate: boolean;
  readonly view: ProgressionView;
  /** Rows that are not shown, and rows left blank for the class. */
  readonly hidden: readonly string[];
  readonly blank: readonly string[];
  /** The order of the rows where it is not the usual one; rows that are not named come last. */
  readonly order: readonly string[];
  /**
   * What a fault against a rule of four-part writing costs: 0 switches it off, a rule without a weight
   * forbids.
   */
  readonly weights: RuleWeights;
  /** How the keyboard plays a chord. */
  readonly pattern: Pattern;
  readonly columns: readonly Column[];
}

export const PROGRESSION_VIEWS = ['keyboard', 'four-part'] as const;
export type ProgressionView = (typeof PROGRESSION_VIEWS)[number];

/** What a new progression begins with. */
export const FIRST_PROGRESSION: Omit<Progression, 'id' | 'title'> = {
  key: 'C major',
  tempo: 80,
  metre: USUAL_METRE,
  pickup: '0',
  source: '',
  modulate: false,
  view: 'keyboard',
  hidden: ['fingers'],
  blank: [],
  order: [],
  weights: {},
  pattern: 'block',
  columns: [],
};

export interface KeyBenchState {
  readonly key: string;
  /** The form of a minor scale; other modes have only their own. */
  readonly form: ScaleForm;
  readonly top: StackTop;
  readonly clef: Clef;
  /** Rows of fingering under the scale. */
  readonly fingering: boolean;
  /** In minor: the harmonic chords beside the natural ones. */
  readonly beside: boolean;
  readonly view: KeyView;
  /** The printable map: keys beside the one on the bench, and whether it is blank. */
  readonly print: { readonly keys: readonly string[]; readonly blank: boolean; readonly answers: boolean };
}

export const KEY_VIEWS = ['map', 'primary', 'circle', 'print'] as const;
export type KeyView = (typeof KEY_VIEWS)[number];

/** One interval: two notes as plain text, or the piece of text that was not understood. */
export type IntervalItem =
  | { readonly id: string; readonly from: string; readonly to: string }
  | { readonly id: string; readonly unread: string };

export interface IntervalsBenchState {
  readonly clef: Clef;
  /** The key whose signature stands on the staff, as plain text. */
  readonly key: string;
  /** Whether the letters row shows the signature's accidentals. */
  readonly pencilled: boolean;
  readonly way: IntervalWay;
  /** Whether the names are left blank for the class to fill in. */
  readonly naming: boolean;
  /** Answers given, by interval: its name, and that of its inversion. */
  readonly answers: Readonly<Record<string, string>>;
  readonly inversionAnswers: Readonly<Record<string, string>>;
  /** How many intervals stand in a bar; an accidental holds to its end. */
  readonly perBar: number;
  readonly items: readonly IntervalItem[];
}

export interface ChordsBenchState {
  /** The chord, as an exact symbol in the default school. */
  readonly symbol: string;
  /** The key in which its numeral and degree are counted. */
  readonly key: string;
  readonly clef: Clef;
  readonly view: ChordView;
  /** Members played twice, as `b3`, where the view lays the chord out. */
  readonly doubled: readonly string[];
  /** A line of chords to hear one after the other, as it is typed. */
  readonly chain: string;
}

export const CHORD_VIEWS = ['inversions', ...FAMILIES, 'voicings', 'parts', 'chain'] as const;
export type ChordView = (typeof CHORD_VIEWS)[number];

/** Degrees not yet taught, by mode. */
export type NotYetTaught = Readonly<Record<'major' | 'minor', readonly number[]>>;

/** A class, and what it has not been taught. */
export interface SchoolClass {
  readonly id: string;
  readonly name: string;
  readonly notYetTaught: NotYetTaught;
}

/** Everything the teacher has decided: what is saved, exported and undone. */
export interface Workbook {
  readonly id: string;
  readonly title: string;
  readonly keyBench: KeyBenchState;
  readonly intervals: IntervalsBenchState;
  readonly chords: ChordsBenchState;
  readonly classes: readonly SchoolClass[];
  readonly openClass: string;
  readonly progressions: readonly Progression[];
  readonly openProgression: string | null;
  readonly school: School;
}

export type BenchName = 'key' | 'intervals' | 'chords' | 'progressions';

/** Where the teacher left off: kept with the workbook, but not undone. */
export interface Place {
  readonly bench: BenchName;
  readonly keyColumn: number;
  readonly intervalColumn: string | null;
  readonly progressionColumn: string | null;
  /** Whether the panel for entering notes is open. */
  readonly notePanel: boolean;
}

export const FIRST_PLACE: Place = {
  bench: 'key',
  keyColumn: 1,
  intervalColumn: null,
  progressionColumn: null,
  notePanel: false,
};

export const TEMPO_RANGE = { least: 40, most: 208 } as const;

/** A bar of a line of intervals holds at most so many. */
export const MOST_PER_BAR = 8;

export const EMPTY_INTERVALS: IntervalsBenchState = {
  clef: 'treble',
  key: 'C major',
  pencilled: true,
  way: 'scale',
  naming: false,
  answers: {},
  inversionAnswers: {},
  perBar: 1,
  items: [],
};

export const FIRST_CHAIN = 'I I6 I IV64 I V65 I';

export const FIRST_CHORD: ChordsBenchState = {
  symbol: 'C',
  key: 'C major',
  clef: 'treble',
  view: 'inversions',
  doubled: [],
  chain: FIRST_CHAIN,
};

export const FIRST_KEY: KeyBenchState = {
  key: 'C major',
  form: 'harmonic',
  top: 5,
  clef: 'treble',
  fingering: false,
  beside: false,
  view: 'map',
  print: { keys: [], blank: false, answers: true },
};

export const FIRST_CLASS: SchoolClass = {
  id: 'class',
  name: 'My class',
  notYetTaught: { major: [], minor: [] },
};

/** An empty workbook under the given ids. */
export function emptyWorkbook(id: string, progressionId: string): Workbook {
  return {
    id,
    title: 'New workbook',
    keyBench: FIRST_KEY,
    intervals: EMPTY_INTERVALS,
    chords: FIRST_CHORD,
    classes: [FIRST_CLASS],
    openClass: FIRST_CLASS.id,
    progressions: [{ ...FIRST_PROGRESSION, id: progressionId, title: 'Progression 1' }],
    openProgression: progressionId,
    school: DEFAULT_SCHOOL,
  };
}

export function openProgressionOf(workbook: Workbook): Progression | null {
  return (
    workbook.progressions.find((p) => p.id === workbook.openProgression) ?? workbook.progressions[0] ?? null
  );
}

/** The class that the bench shows. */
export function openClassOf({ classes, openClass }: Workbook): SchoolClass {
  return classes.find(({ id }) => id === openClass) ?? classes[0] ?? FIRST_CLASS;
}
