import { parseKey, printedFifths } from '../../key/key';
import type { Clef } from '../../key/scale';
import { midiNumber, type Note } from '../../pitch/note';
import { parseNote } from '../../pitch/parse';
import type { ClefGiven } from '../givenFields';

/** What of a question stands on staves; a question in words alone has none. */
export interface StaffLayout {
  readonly clefs: readonly Clef[];
  /** Sharps, or flats below zero, of the signature that stands there. */
  readonly fifths: number;
  /** For each staff its notes moment by moment, the lowest first; an empty moment is a rest of the staff. */
  readonly staves: readonly (readonly (readonly Note[])[])[];
  /** Whether the answer is written on the staff. */
  readonly written: boolean;
}

/** A clef and a key, as questions on a staff have them; one without a clef stands on none. */
export type OnStaff = {
  readonly clef?: ClefGiven | undefined;
  readonly key?: string | undefined;
};

const MIDDLE_C = 60;
export const NO_STAFF: StaffLayout = { clefs: [], fifths: 0, staves: [], written: false };

/**
 * Notes moment by moment on a staff, or on the two of a keyboard, parted at middle C. `fifths` is the signature where
 * it is not that of the key; `written` says that the answer is written there.
 */
export function notesOnStaff(
  { clef, key }: OnStaff,
  moments: readonly (readonly Note[])[],
  { written = false, fifths }: { readonly written?: boolean; readonly fifths?: number } = {},
): StaffLayout {
  const own = fifths ?? (key === undefined ? 0 : printedFifths(parseKey(key)));
  if (clef === undefined) return { ...NO_STAFF, fifths: own, written };
  if (clef !== 'grand') return { clefs: [clef], fifths: own, staves: [moments], written };
  const of = (low: boolean) =>
    moments.map((notes) => notes.filter((note) => midiNumber(note) < MIDDLE_C === low));
  return { clefs: ['treble', 'bass'], fifths: own, staves: [of(false), of(true)], written };
}

/** Four voices where they are sung, whatever their height; one that is to be written leaves its place empty. */
export function voicesOnStaff(
  key: string | undefined,
  voices: readonly (readonly (string | null)[])[],
  written = false,
): StaffLayout {
  const pair = (first: number) =>
    voices.map((own) =>
      [own[first + 1]!, own[first]!].filter((text) => text !== null).map((text) => parseNote(text)),
    );
  const fifths = key === undefined ? 0 : printedFifths(parseKey(key));
  return { clefs: ['treble', 'bass'], fifths, staves: [pair(0), pair(2)], written };
}
