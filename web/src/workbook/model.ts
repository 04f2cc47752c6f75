import { DEFAULT_SCHOOL, type Clef, type Entry, type Family, type IntervalWay, type ScaleForm, type School, type StackTop } from '@diatonix/core';

/** A column of a progression: what was entered, or the piece of text that was not understood. */
export type Column = { readonly id: string; readonly entry: Entry } | { readonly id: string; readonly unread: string };

export interface Progression {
  readonly id: string;
  readonly title: string;
  /** Plain text, such as `A major`. */
  readonly key: string;
  /** Quarter notes a minute; a chord lasts two. */
  readonly tempo: number;
  readonly columns: readonly Column[];
}

export interface KeyBenchState {
  readonly key: string;
  /** The form of a minor scale; other modes have only their own. */
  readonly form: ScaleForm;
  readonly top: StackTop;
  readonly clef: Clef;
  /** Rows of fingering under the scale. */
  readonly fingering: boolean;
}

/** One interval: two notes as plain text, or the piece of text that was not understood. */
export type IntervalItem = { readonly id: string; readonly from: string; readonly to: string } | { readonly id: string; readonly unread: string };

export interface IntervalsBenchState {
  readonly clef: Clef;
  /** The key whose signature stands on the staff, as plain text. */
  readonly key: string;
  /** Whether the letters row shows the signature's accidentals. */
  readonly pencilled: boolean;
  readonly way: IntervalWay;
  /** Whether the names are left blank for the class to fill in. */
  readonly naming: boolean;
  /** Answers given, by interval. */
  readonly answers: Readonly<Record<string, string>>;
  readonly items: readonly IntervalItem[];
}

export interface ChordsBenchState {
  /** The chord, as an exact symbol in the default school. */
  readonly symbol: string;
  /** The key in which its numeral and degree are counted. */
  readonly key: string;
  readonly clef: Clef;
  readonly view: 'inversions' | Family;
}

/** Degrees not yet taught, by mode. */
export type NotYetTaught = Readonly<Record<'major' | 'minor', readonly number[]>>;

/** Everything the teacher has decided: what is saved, exported and undone. */
export interface Workbook {
  readonly id: string;
  readonly title: string;
  readonly keyBench: KeyBenchState;
  readonly intervals: IntervalsBenchState;
  readonly chords: ChordsBenchState;
  readonly notYetTaught: NotYetTaught;
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
}

export const FIRST_PLACE: Place = { bench: 'key', keyColumn: 1, intervalColumn: null, progressionColumn: null };

export const TEMPO_RANGE = { least: 40, most: 208 } as const;

export const EMPTY_INTERVALS: IntervalsBenchState = {
  clef: 'treble',
  key: 'C major',
  pencilled: true,
  way: 'scale',
  naming: false,
  answers: {},
  items: [],
};

export const FIRST_CHORD: ChordsBenchState = { symbol: 'C', key: 'C major', clef: 'treble', view: 'inversions' };

/** An empty workbook under the given ids. */
export function emptyWorkbook(id: string, progressionId: string): Workbook {
  return {
    id,
    title: 'New workbook',
    keyBench: { key: 'C major', form: 'harmonic', top: 5, clef: 'treble', fingering: false },
    intervals: EMPTY_INTERVALS,
    chords: FIRST_CHORD,
    notYetTaught: { major: [], minor: [] },
    progressions: [{ id: progressionId, title: 'Progression 1', key: 'C major', tempo: 80, columns: [] }],
    openProgression: progressionId,
    school: DEFAULT_SCHOOL,
  };
}

export function openProgressionOf(workbook: Workbook): Progression | null {
  return workbook.progressions.find((p) => p.id === workbook.openProgression) ?? workbook.progressions[0] ?? null;
}
