import {
  accidentalsThrough,
  noteValue,
  playedChord,
  signatureAlteration,
  type Fault,
  type FourNotes,
  type Note,
  type Pattern,
  type Place,
  type Setting,
  type VoiceName,
} from '@diatonix/core';
import type { StaffDrawing } from '../../columns/types';
import type { ColumnNotes, Engraver, Value } from '../../notation/engraver';
import { GRAND_STAFF } from '../../notation/frames';

/** What stands on the two staves of a column. */
export type Staves = readonly [ColumnNotes, ColumnNotes];

const KINDS: Record<number, Value> = { 1: 'w', 2: 'h', 4: 'q', 8: '8', 16: '16' };

function valueOf(ticks: number): Value {
  const { part, dots } = noteValue(ticks);
  return `${KINDS[part]!}${dots === 1 ? 'd' : ''}` as Value;
}

/** Two hands playing a chord in a pattern: equal steps in each hand. */
export function handsOf(setting: Setting, pattern: Pattern, ticks: number): Staves {
  const { lower, upper } = playedChord(setting, pattern);
  const staff = (clef: 'treble' | 'bass', steps: readonly (readonly Note[])[]): ColumnNotes => ({
    clef,
    notes: steps[0]!,
    ...(steps.length > 1 ? { then: steps.slice(1) } : {}),
    value: valueOf(ticks / steps.length),
  });
  return [staff('treble', upper), staff('bass', lower)];
}

/** Four voices on two staves, stems up and down; the notes of a fault in correction ink. */
export function voicesOn(
  [soprano, alto, tenor, bass]: FourNotes,
  faults: readonly Fault[],
  ticks: number,
): Staves {
  const faulty = (voice: VoiceName) => (faults.some(({ voices }) => voices.includes(voice)) ? [0] : []);
  const value = valueOf(ticks);
  return [
    { clef: 'treble', notes: [soprano], below: [alto], faulty: [faulty('soprano'), faulty('alto')], value },
    { clef: 'bass', notes: [tenor], below: [bass], faulty: [faulty('tenor'), faulty('bass')], value },
  ];
}

/**
 * Columns with the accidentals that they need in their bars: one holds to the end of its bar, for its own
 * octave.
 */
export function withAccidentals(
  columns: readonly (Staves | null)[],
  places: readonly Place[],
  fifths: readonly number[],
): (Staves | null)[] {
  // A new signature begins anew what holds, as a barline does.
  let area = 0;
  const areas = places.map(({ bar }, at) =>
    at > 0 && (bar !== places[at - 1]!.bar || fifths[at] !== fifths[at - 1]) ? ++area : area,
  );
  const signs = [0, 1].map((staff) =>
    accidentalsThrough(
      columns.map((staves, at) => ({
        bar: areas[at]!,
        groups: groupsOf(staves?.[staff as 0 | 1]),
      })),
      (step, column) => signatureAlteration(fifths[column]!, step),
    ),
  );
  return columns.map(
    (staves, at) => staves && [signed(staves[0], signs[0]![at]!), signed(staves[1], signs[1]![at]!)],
  );
}

/** Notes that sound together, in order: both voices of a staff count as one. */
function groupsOf(staff: ColumnNotes | undefined): readonly (readonly Note[])[] {
  if (!staff) return [];
  return staff.below ? [[...staff.notes, ...staff.below]] : [staff.notes, ...(staff.then ?? [])];
}

function signed(staff: ColumnNotes, signs: readonly (readonly boolean[])[]): ColumnNotes {
  if (!staff.below) return { ...staff, signs };
  const own = signs[0]!;
  return { ...staff, signs: [own.slice(0, staff.notes.length), own.slice(staff.notes.length)] };
}

export function engraved(
  engraver: Engraver | null,
  staves: Staves | null,
  fifths: number,
): StaffDrawing | null {
  return engraver && staves && engraver.column(staves, GRAND_STAFF, fifths, 'h');
}
