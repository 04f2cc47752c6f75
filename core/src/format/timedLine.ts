import { attempt } from '../errors';
import { parseKey, sameKey, type Key } from '../key/key';
import { labelLine, type LineLabel } from '../context/labelLine';
import { parseMetre } from '../time/metre';
import { placesOf, type Place } from '../time/bars';
import { settingsOfChords } from '../voicing/lineSettings';
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
}

/** A line with its labels, times and notes, and what of it cannot be written as chords. */
export function timedLine(
  file: LineFile,
  voices?: FileVoices,
): { columns: TimedColumn[]; remarks: string[] } {
  const labels = labelLine(file.columns, file.key, { modulate: false });
  const places = placesOf(file.columns, parseMetre(file.metre), file.pickup);
  const sought = file.columns.map(({ entry }) => entry.kind === 'sought');
  const settings = settingsOfChords(
    labels.flatMap(({ labelled }, at) => (labelled.ok && !sought[at] ? [labelled.labels] : [])),
  );
  const remarks: string[] = [];
  let next = 0;
  let area = file.key;
  const columns = labels.map((label, at): TimedColumn => {
    const before = area;
    const marked = file.columns[at]!.key;
    const read = marked === undefined ? null : attempt(() => parseKey(marked));
    if (read?.ok) area = read.value;
    const { labelled } = label;
    const setting = labelled.ok && !sought[at] ? settings[next++]! : null;
    if (!labelled.ok && !sought[at])
      remarks.push(`Chord ${at + 1} cannot be read and is a rest: ${labelled.error.message}`);
    return {
      at,
      label,
      key: area,
      keyBegins: !sameKey(before, area),
      place: places[at]!,
      setting,
      voices: voices?.[at] ?? lockedVoices(file.columns[at]!.locks),
    };
  });
  const open = sought.filter(Boolean).length;
  if (open > 0)
    remarks.push(`${counted(open, 'chord that is', 'chords that are')} to be worked back went as rests.`);
  return { columns, remarks };
}
