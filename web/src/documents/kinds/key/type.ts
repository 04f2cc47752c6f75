import type { Clef, ScaleForm, StackTop } from '@diatonix/core';

/** The map on the Key bench: the key, how it is stacked and written, and what is printed of it. */
export interface KeyMap {
  readonly key: string;
  /** The form of a minor scale; other modes have only their own. */
  readonly form: ScaleForm;
  readonly top: StackTop;
  readonly clef: Clef;
  /** Rows of fingering under the scale. */
  readonly fingering: boolean;
  /** In minor: the harmonic chords beside the natural ones. */
  readonly beside: boolean;
  /** The printable map: keys beside the one on the bench, and whether it is blank. */
  readonly print: PrintedMap;
}

export interface PrintedMap {
  readonly keys: readonly string[];
  readonly blank: boolean;
  readonly answers: boolean;
  /** Leaves out what the class has not been taught; otherwise it is marked. */
  readonly taughtOnly: boolean;
}

export const FIRST_KEY_MAP: KeyMap = {
  key: 'C major',
  form: 'harmonic',
  top: 5,
  clef: 'treble',
  fingering: false,
  beside: false,
  print: { keys: [], blank: false, answers: true, taughtOnly: false },
};
