import type { Chord } from '../../chord/chord';
import { type Key } from '../../key/key';
import { type Note } from '../../pitch/note';
import type { Score } from '../../score/model/score';
import type { Ending } from '../../time/bars';
import type { Metre } from '../../time/metre';

/** A sounding note: its times in ticks from the beginning of the score, and the voice it belongs to. */
export interface TimedNote {
  readonly onset: number;
  end: number;
  readonly note: Note;
  /** Part, staff and voice, in the order in which they stand in the score. */
  readonly stream: string;
}

/** What was read from a file: notes and everything else by its time. */
export interface ScoreIn {
  readonly title: string;
  readonly source: string;
  readonly tempo: number | null;
  readonly metre: string;
  /** Changes of metre by the time they begin. */
  readonly metres: readonly { readonly at: number; readonly metre: Metre }[];
  /** Ticks of an upbeat, 0 for none. */
  readonly upbeat: number;
  readonly notes: readonly TimedNote[];
  readonly melody: readonly TimedNote[];
  readonly labels: ReadonlyMap<number, { readonly symbol: Chord | null; readonly numeral: string | null }>;
  /** Keys by the time they begin, the first at 0. */
  readonly keys: readonly { readonly at: number; readonly key: Key }[];
  readonly repeatStarts: ReadonlySet<number>;
  readonly repeatEnds: ReadonlySet<number>;
  readonly endings: readonly { readonly from: number; readonly to: number; readonly ending: Ending }[];
  /** Words and fermatas at the onsets of their notes. */
  readonly words: ReadonlyMap<number, string>;
  readonly fermatas: ReadonlySet<number>;
  readonly remarks: readonly string[];
  /** The piece as it is written. */
  readonly score: Score;
  /** What was passed over of it. */
  readonly scoreRemarks: readonly string[];
}
