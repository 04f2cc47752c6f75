import { signatureAlteration } from '../../key/scale';
import { printedFifths } from '../../key/key';
import { accidentalsInBar } from '../../pitch/barAccidentals';
import { melodySpans } from '../../line/melodyNotes';
import type { Note } from '../../pitch/note';
import { printNote } from '../../pitch/print';
import type { Bar } from '../../time/bars';
import { noteValues, type NoteValue } from '../../time/length';
import type { LineFile } from '../lineFile';
import type { TimedColumn } from '../timedLine';

/** One voice of the score: where it stands, and what it has in each column. */
export interface Stream {
  readonly voice: number;
  readonly staff: number | null;
  readonly stem: 'up' | 'down' | null;
  /** Notes in steps for each column, equal unless their ends are said; an empty step is a rest. */
  readonly steps: readonly (readonly (readonly Note[])[])[];
  /** Where the steps of each column end, in ticks from its beginning. */
  readonly ends?: readonly (readonly number[])[];
}

/** A piece of a column within one bar. */
export interface VoiceSegment {
  readonly column: number;
  readonly notes: readonly Note[];
  readonly start: number;
  readonly ticks: number;
  readonly value: NoteValue;
  readonly first: boolean;
  readonly last: boolean;
  signs: readonly boolean[];
}

/** Two hands, or four voices with their stems where every column has them. */
export function streamsOf(columns: readonly TimedColumn[]): Stream[] {
  const pick = (take: (column: TimedColumn) => readonly Note[]) => columns.map((column) => [take(column)]);
  if (columns.length > 0 && columns.every(({ voices }) => voices !== null)) {
    return (
      [
        [1, 1, 'up', 0],
        [2, 1, 'down', 1],
        [5, 2, 'up', 2],
        [6, 2, 'down', 3],
      ] as const
    ).map(([voice, staff, stem, at]) => ({ voice, staff, stem, steps: pick(({ voices }) => [voices![at]]) }));
  }
  return [
    { voice: 1, staff: 1, stem: null, steps: pick(({ setting }) => setting?.upper ?? []) },
    { voice: 5, staff: 2, stem: null, steps: pick(({ setting }) => setting?.lower ?? []) },
  ];
}

/** The melody as a part of its own, or null where there is none. */
export function melodyStream({ columns }: LineFile, timed: readonly TimedColumn[]): Stream | null {
  if (columns.every(({ melody }) => !melody || melody.length === 0)) return null;
  const spans = columns.map(({ melody }, at) => melodySpans(melody ?? [], timed[at]!.place.ticks));
  return {
    voice: 1,
    staff: null,
    stem: null,
    steps: spans.map((own) => (own.length > 0 ? own.map(({ note }) => [note]) : [[]])),
    ends: spans.map((own, at) => (own.length > 0 ? own.map(({ to }) => to) : [timed[at]!.place.ticks])),
  };
}

/** A stream cut at the barlines and into note values. */
export function segmentsOf(
  stream: Stream,
  columns: readonly TimedColumn[],
  bars: readonly Bar[],
): VoiceSegment[] {
  const segments: VoiceSegment[] = [];
  stream.steps.forEach((steps, column) => {
    const { place } = columns[column]!;
    steps.forEach((notes, step) => {
      const ends = stream.ends?.[column];
      const endOf = (at: number) =>
        at < 0 ? 0 : (ends?.[at] ?? Math.round((place.ticks * (at + 1)) / steps.length));
      const from = place.start + endOf(step - 1);
      const to = place.start + endOf(step);
      for (let at = from; at < to;) {
        const end = Math.min(to, bars[barAt(bars, at)]?.to ?? to);
        for (const { value, ticks } of noteValues(end - at)) {
          segments.push({
            column,
            notes,
            start: at,
            ticks,
            value,
            first: at === from,
            last: at + ticks === to,
            signs: [],
          });
          at += ticks;
        }
      }
    });
  });
  return segments;
}

/**
 * Gives the notes of a staff the accidentals that they need: one holds to the end of its bar, or to a change
 * of key.
 */
export function sign(
  segments: readonly VoiceSegment[],
  columns: readonly TimedColumn[],
  bars: readonly Bar[],
): void {
  const sorted = [...segments].sort((a, b) => a.start - b.start);
  let start = 0;
  const areaOf = (segment: VoiceSegment) =>
    `${barAt(bars, segment.start)} ${printedFifths(columns[segment.column]!.key)}`;
  while (start < sorted.length) {
    let end = start + 1;
    while (end < sorted.length && areaOf(sorted[end]!) === areaOf(sorted[start]!)) end++;
    const own = sorted.slice(start, end);
    const fifths = printedFifths(columns[own[0]!.column]!.key);
    const signs = accidentalsInBar(groupsOf(own), (step) => signatureAlteration(fifths, step)).flat();
    let next = 0;
    for (const segment of own) segment.signs = signs.slice(next, (next += segment.notes.length));
    start = end;
  }
}

/** The bar in which a moment lies. */
function barAt(bars: readonly Bar[], ticks: number): number {
  return bars.findIndex(({ to }) => ticks < to);
}

/** Notes that begin together, in order. */
function groupsOf(segments: readonly VoiceSegment[]): Note[][] {
  const groups: { start: number; notes: Note[] }[] = [];
  for (const { start, notes } of segments) {
    const last = groups[groups.length - 1];
    if (last && last.start === start) last.notes.push(...notes);
    else groups.push({ start, notes: [...notes] });
  }
  return groups.map(({ notes }) => notes);
}

/** Whether a note of a stream goes on into a column from the one before it, in the same stream. */
export function isHeld(
  note: Note,
  { steps }: Stream,
  columns: readonly TimedColumn[],
  column: number,
): boolean {
  const name = printNote(note);
  const has = (notes: readonly Note[] | undefined) =>
    notes?.some((other) => printNote(other) === name) === true;
  if (!columns[column]?.held.has(name)) return false;
  // Only notes that fill their column are known to go on.
  const [before, own] = [steps[column - 1], steps[column]];
  return before?.length === 1 && own?.length === 1 && has(before[0]) && has(own[0]);
}
