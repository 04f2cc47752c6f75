import { signatureAlteration } from '../../key/scale';
import { printedFifths } from '../../key/key';
import { accidentalsInBar } from '../../pitch/barAccidentals';
import { parseNote } from '../../pitch/parse';
import type { Note } from '../../pitch/note';
import { noteValues, type NoteValue } from '../../time/length';
import type { LineFile } from '../lineFile';
import type { TimedColumn } from '../timedLine';

/** One voice of the score: where it stands, and what it has in each column. */
export interface Stream {
  readonly voice: number;
  readonly staff: number | null;
  readonly stem: 'up' | 'down' | null;
  /** Notes in equal steps for each column; an empty step is a rest. */
  readonly steps: readonly (readonly (readonly Note[])[])[];
}

/** A piece of a column within one bar. */
export interface Segment {
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
export function melodyStream({ columns }: LineFile): Stream | null {
  if (columns.every(({ melody }) => !melody || melody.length === 0)) return null;
  return {
    voice: 1,
    staff: null,
    stem: null,
    steps: columns.map(({ melody }) =>
      melody && melody.length > 0 ? melody.map((note) => [parseNote(note)]) : [[]],
    ),
  };
}

/** A stream cut at the barlines and into note values. Bars are of `bar` ticks, counted from 0. */
export function segmentsOf(stream: Stream, columns: readonly TimedColumn[], bar: number): Segment[] {
  const segments: Segment[] = [];
  stream.steps.forEach((steps, column) => {
    const { place } = columns[column]!;
    steps.forEach((notes, step) => {
      const from = place.start + Math.round((place.ticks * step) / steps.length);
      const to = place.start + Math.round((place.ticks * (step + 1)) / steps.length);
      for (let at = from; at < to;) {
        const end = Math.min(to, (Math.floor(at / bar) + 1) * bar);
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
export function sign(segments: readonly Segment[], columns: readonly TimedColumn[], bar: number): void {
  const sorted = [...segments].sort((a, b) => a.start - b.start);
  let start = 0;
  const areaOf = (segment: Segment) =>
    `${Math.floor(segment.start / bar)} ${printedFifths(columns[segment.column]!.key)}`;
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

/** Notes that begin together, in order. */
function groupsOf(segments: readonly Segment[]): Note[][] {
  const groups: { start: number; notes: Note[] }[] = [];
  for (const { start, notes } of segments) {
    const last = groups[groups.length - 1];
    if (last && last.start === start) last.notes.push(...notes);
    else groups.push({ start, notes: [...notes] });
  }
  return groups.map(({ notes }) => notes);
}
