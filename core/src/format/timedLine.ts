import { attempt } from '../errors';
import { parseKey, printKey, sameKey, type Key } from '../key/key';
import type { LineLabel } from '../context/labelLine';
import { derivePassage, isRestColumn, isSoughtColumn } from '../passage/derive';
import type { Place } from '../time/bars';
import { lockedVoices, type FourNotes } from '../voicing/fourPart';
import type { Setting } from '../voicing/close';
import { counted, type FileVoices, type LineFile } from './lineFile';

/** A column as writers need it: read in its place, with its time and its notes. */
export interface TimedColumn {
  readonly at: number;
  readonly label: LineLabel;
  readonly key: Key;
  /** Whether the key is another than before. */
  readonly keyBegins: boolean;
  readonly place: Place;
  /** Null where it cannot be read, or is still to be worked back. */
  readonly setting: Setting | null;
  readonly voices: FourNotes | null;
  /** Notes that are not struck again, as printed. */
  readonly held: ReadonlySet<string>;
}

/** A line with its labels, times and notes, and what of it cannot be written as chords. */
export function timedLine(
  file: LineFile,
  voices?: FileVoices,
): { columns: TimedColumn[]; remarks: string[] } {
  const derived = derivePassage({
    key: printKey(file.key),
    metre: file.metre,
    upbeat: file.upbeat,
    modulate: false,
    columns: file.columns.map((column, at) => ({ ...column, id: String(at) })),
  });
  const remarks: string[] = [];
  let area = file.key;
  const columns = derived.map(({ column, line, labelled, setting, place }, at): TimedColumn => {
    const before = area;
    const read = column.key === undefined ? null : attempt(() => parseKey(column.key!));
    if (read?.ok) area = read.value;
    if (!labelled.ok && !isSoughtColumn(column) && !isRestColumn(column))
      remarks.push(`Chord ${at + 1} cannot be read and is a rest: ${labelled.error.message}`);
    return {
      at,
      label: line!,
      key: area,
      keyBegins: !sameKey(before, area),
      place,
      setting,
      voices: voices?.[at] ?? lockedVoices(column.locks),
      held: new Set(column.held ?? []),
    };
  });
  const open = derived.filter(({ column }) => isSoughtColumn(column)).length;
  if (open > 0)
    remarks.push(`${counted(open, 'chord that is', 'chords that are')} to be worked back went as rests.`);
  return { columns, remarks };
}
