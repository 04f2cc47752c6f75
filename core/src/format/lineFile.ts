import type { Key } from '../key/key';
import { USUAL_METRE } from '../time/metre';
import type { LineColumn } from '../line/column';
import type { FourNotes } from '../voicing/fourPart';

/** A progression as files carry it: its chords with everything that was decided about them. */
export interface LineFile {
  readonly title: string;
  readonly key: Key;
  /** Quarter notes a minute. */
  readonly tempo: number;
  /** Such as `3/4`. */
  readonly metre: string;
  /** Length of the upbeat in quarters; `0` for none. */
  readonly upbeat: string;
  /** Where it comes from. */
  readonly source: string;
  readonly columns: readonly LineColumn[];
}

/** What a file has where nothing else is said. */
export const PLAIN_LINE = { tempo: 80, metre: USUAL_METRE, upbeat: '0', source: '' } as const;

/** Four voices for each column, where they are known. */
export type FileVoices = readonly (FourNotes | null)[];

/** A file written or read, and what could not be carried over, a sentence each. */
export interface Carried<T> {
  readonly value: T;
  readonly remarks: readonly string[];
}

/** `1 repeat was`, `2 repeats were`. */
export function counted(count: number, one: string, many: string): string {
  return `${count} ${count === 1 ? one : many}`;
}
