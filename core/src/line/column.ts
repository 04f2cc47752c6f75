import type { Timed } from '../time/bars';
import type { Entry } from './entry';

/** A column of a typed line: its entry, and what was decided beside it. */
export interface LineColumn extends Timed {
  readonly entry: Entry;
  /** A teacher's ruling on its numeral; it stands whatever the context says. */
  readonly ruling?: { readonly key: string; readonly numeral: string };
  /** The key from here on, where it changes. */
  readonly key?: string;
  readonly phraseEnd?: boolean;
  /** Words under it: a syllable or a remark. */
  readonly words?: string;
  /** Notes of a melody over it, in order. */
  readonly melody?: readonly string[];
  /** Notes that go on sounding from the column before and are not struck again. */
  readonly held?: readonly string[];
  /** Notes that stay in the four-part setting, from the soprano; null leaves a voice free. */
  readonly locks?: readonly (string | null)[];
}
