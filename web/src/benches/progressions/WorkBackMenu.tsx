import { deducedEntry, soughtFrom, type Entry } from '@diatonix/core';
import { Drop } from '../../design/Drop';
import type { ShownColumn } from './derive';
import { replaceEntries } from './state';
import { part } from '../../design/part';

const MenuPopover = part(() => import('../../design/MenuPopover').then((module) => module.default));

const ENTRIES = [
  { id: 'blank', name: 'Blank every ii and V that is drawn' },
  { id: 'put', name: 'Put every chord that can be worked back' },
];

/** Makes chords to be worked back from the brackets and arrows of the line, or puts them all. */
export function WorkBackMenu({ derived }: { derived: () => readonly ShownColumn[] }) {
  const act = (id: string) => replaceEntries(id === 'blank' ? blanked(derived()) : answered(derived()));
  return (
    <Drop
      label="Work back"
      opens="menu"
      drop={(dropped) => (
        <MenuPopover {...dropped} label="Work back" atEnd entries={ENTRIES} onAction={act} />
      )}
    >
      Work back
    </Drop>
  );
}

function blanked(derived: readonly ShownColumn[]): Map<string, Entry> {
  const known = derived.flatMap(({ column, line }) =>
    'entry' in column && line ? [{ id: column.id, entry: column.entry, line }] : [],
  );
  const made = soughtFrom(
    known.map(({ entry }) => entry),
    known.map(({ line }) => line),
  );
  return new Map(
    known.flatMap(({ id, entry }, at) => (made[at] === entry ? [] : [[id, made[at]!] as const])),
  );
}

function answered(derived: readonly ShownColumn[]): Map<string, Entry> {
  return new Map(
    derived.flatMap(({ column, line }) =>
      line?.sought?.kind === 'found' ? [[column.id, deducedEntry(line.sought, line.key)] as const] : [],
    ),
  );
}
