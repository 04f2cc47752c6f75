import type { Note } from '@diatonix/core';
import type { ColumnNotes } from './columnNotes';

/** What tells one drawing of a staff from another. */
export function keyOfStaff({
  clef,
  notes,
  then,
  signs,
  below,
  faulty,
  value,
  values,
  rest,
}: ColumnNotes): string {
  return [
    below ? `${keyOf(below)}_` : '',
    faulty ? `${faulty.map((list) => list.join('.')).join('-')}~` : '',
    clef,
    keyOf(notes),
    ...(then ?? []).map((step) => `>${keyOf(step)}`),
    value ? `=${value}` : '',
    values ? `%${values.join('.')}` : '',
    rest ? 'r' : '',
    signs ? `!${signs.flat().map(Number).join('')}` : '',
  ].join('');
}

function keyOf(notes: readonly Note[]): string {
  return notes.map((n) => `${n.step}.${n.alteration}.${n.octave}`).join();
}
