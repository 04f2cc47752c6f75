import {
  accidentalsThrough,
  melodySpans,
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
import type { StaffDrawing, StaffFrame } from '../../columns/types';
import type { ColumnNotes, Engraver, Value } from '@diatonix/engraving';

/** What stands on the staves of a column: two hands or four voices, and a melody over them where there is one. */
export type StavesShown = readonly ColumnNotes[];

const KINDS: Record<number, Value> = { 1: 'w', 2: 'h', 4: 'q', 8: '8', 16: '16' };

function valueOf(ticks: number): Value {
  const { part, dots } = noteValue(ticks);
  return `${KINDS[part]!}${dots === 1 ? 'd' : ''}` as Value;
}

/** Two hands playing a chord in a pattern: equal steps in each hand. */
export function handsOf(setting: Setting, pattern: Pattern, ticks: number): StavesShown {
  const { lower, upper } = playedChord(setting, pattern);
  const staff = (clef: 'treble' | 'bass', steps: readonly (readonly Note[])[]): ColumnNotes => ({
    clef,
    notes: steps[0]!,
    ...(steps.length > 1 ? { then: steps.slice(1) } : {}),
    value: valueOf(ticks / steps.length),
  });
  return [staff('treble', upper), staff('bass', lower)];
}

/** Rests on two staves, where no chord sounds. */
export function restsOf(ticks: number): StavesShown {
  const rest = { notes: [], rest: true, value: valueOf(ticks) } as const;
  return [
    { clef: 'treble', ...rest },
    { clef: 'bass', ...rest },
  ];
}

/** The melody over a column on a staff of its own, in its own rhythm; a rest where there is none. */
export function melodyOn(melody: readonly string[], ticks: number): ColumnNotes {
  const spans = melodySpans(melody, ticks);
  if (spans.length === 0) return { clef: 'treble', notes: [], rest: true, value: valueOf(ticks) };
  const [first, ...then] = spans.map(({ note }) => [note]);
  return {
    clef: 'treble',
    notes: first!,
    ...(then.length > 0 ? { then } : {}),
    values: spans.map(({ from, to }) => valueOf(to - from)),
  };
}

/** Four voices on two staves, stems up and down; the notes of a fault in correction ink. */
export function voicesOn(
  [soprano, alto, tenor, bass]: FourNotes,
  faults: readonly Fault[],
  ticks: number,
): StavesShown {
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
  columns: readonly (StavesShown | null)[],
  places: readonly Place[],
  fifths: readonly number[],
): (StavesShown | null)[] {
  // A new signature begins anew what holds, as a barline does.
  let area = 0;
  const areas = places.map(({ bar }, at) =>
    at > 0 && (bar !== places[at - 1]!.bar || fifths[at] !== fifths[at - 1]) ? ++area : area,
  );
  const count = Math.max(0, ...columns.map((staves) => staves?.length ?? 0));
  const signs = Array.from({ length: count }, (_, staff) =>
    accidentalsThrough(
      columns.map((staves, at) => ({ bar: areas[at]!, groups: groupsOf(staves?.[staff]) })),
      (step, column) => signatureAlteration(fifths[column]!, step),
    ),
  );
  return columns.map(
    (staves, at) => staves && staves.map((staff, index) => signed(staff, signs[index]![at]!)),
  );
}

/** Notes that sound together, in order: both voices of a staff count as one. */
function groupsOf(staff: ColumnNotes | undefined): readonly (readonly Note[])[] {
  if (!staff || staff.rest) return [];
  return staff.below ? [[...staff.notes, ...staff.below]] : [staff.notes, ...(staff.then ?? [])];
}

function signed(staff: ColumnNotes, signs: readonly (readonly boolean[])[]): ColumnNotes {
  if (staff.rest) return { ...staff, signs: [[]] };
  if (!staff.below) return { ...staff, signs };
  const own = signs[0]!;
  return { ...staff, signs: [own.slice(0, staff.notes.length), own.slice(staff.notes.length)] };
}

export function engraved(
  engraver: Engraver | null,
  staves: StavesShown | null,
  frame: StaffFrame,
  fifths: number,
): StaffDrawing | null {
  return engraver && staves && engraver.column(staves, frame, fifths, 'h');
}
