import {
  accidentalsInBar,
  printNote,
  signatureAlteration,
  staffPosition,
  staffRange,
  type Clef,
  type StaffLayout,
} from '@diatonix/core';
import type { Engraver } from './engraver';
import type { StaffFrame } from './types';

/** A question as it stands on its staff: markup, and the least width that holds it, in staff units. */
export interface QuestionStaff {
  readonly markup: string;
  readonly width: number;
  /** Where each moment stands. */
  readonly xs: readonly number[];
}

const STAFF = 40;
/** Half a space: from one place of the staff to the next. */
const STEP = 5;
/** Room over and under a staff for its clef, and between two staves. */
const EDGE = 21;
const BETWEEN = 44;
/** Room after the clef, between moments, and for an answer that is written on the staff. */
const GAP = 10;
const MOMENT = { one: 34, wide: 54 };
const TO_WRITE = 46;

/** A frame in which all the questions of a section stand, so that their staves are level; null for none. */
export function frameOf(puts: readonly StaffLayout[]): StaffFrame | null {
  const staves = Math.max(0, ...puts.map(({ clefs }) => clefs.length));
  if (staves === 0) return null;
  let [over, under] = [EDGE, EDGE];
  for (const { clefs, staves: own } of puts)
    own.forEach((moments, at) => {
      for (const note of moments.flat()) {
        const above = (staffPosition(note) - staffRange(clefs[at] as Clef, 0).high) * STEP;
        if (at === 0) over = Math.max(over, above + 12);
        if (at === clefs.length - 1) under = Math.max(under, -above - STAFF + 12);
      }
    });
  const tops = Array.from({ length: staves }, (_, at) => over + at * (STAFF + BETWEEN));
  const height = tops[staves - 1]! + STAFF + under;
  return { height, staves: tops, ...(staves > 1 ? { joined: true } : {}) };
}

/**
 * Draws the staff of a question; null where nothing of it stands on one. Of an answer, what did not stand when it
 * was asked is in correction ink; what is labelled leaves room for a label under each moment.
 */
export function questionStaff(
  engraver: Engraver,
  frame: StaffFrame,
  put: StaffLayout,
  {
    asked = null,
    labelled = false,
  }: { readonly asked?: StaffLayout | null; readonly labelled?: boolean } = {},
): QuestionStaff | null {
  const { clefs, fifths, staves, written } = put;
  if (clefs.length === 0) return null;
  const head = engraver.head(clefs, frame, fifths, clefs.length > 1);
  let [x, right] = [head.width, 0];
  const xs: number[] = [];
  const moment = clefs.length > 1 || labelled ? MOMENT.wide : MOMENT.one;
  const parts = [head.markup];
  const signs = staves.map((own) => accidentalsInBar(own, (step) => signatureAlteration(fifths, step)));
  staves[0]!.forEach((_, at) => {
    const columns = clefs.map((clef, staff) => {
      const notes = staves[staff]![at]!;
      const stood = asked?.staves[staff]?.[at]?.map(printNote) ?? [];
      const ink = asked
        ? { faulty: [notes.flatMap((note, index) => (stood.includes(printNote(note)) ? [] : [index]))] }
        : {};
      return { clef, notes, signs: [signs[staff]![at]!], ...ink };
    });
    const drawn = engraver.column(columns, frame, fifths, 'w');
    // Heads stand evenly; accidentals take the room before them.
    x = at === 0 ? x + GAP + drawn.left : Math.max(x + moment, x + right + GAP + drawn.left);
    right = drawn.right;
    parts.push(`<g transform="translate(${x} 0)">${drawn.markup}</g>`);
    xs.push(x);
  });
  return {
    markup: parts.join(''),
    width: Math.ceil(x + Math.max(right, moment / 2) + GAP + (written ? TO_WRITE : 0)),
    xs,
  };
}
