import { isTimed, printedFifths, type Key, type School } from '@diatonix/core';
import type { GridColumn, StaffDrawing } from '../../columns/types';
import type { Engraver } from '../../notation/engraver';
import type { Progression } from '../../workbook/model';
import { faultWords, gridColumn } from './cells';
import type { DerivedColumn } from './derive';
import { engraved, handsOf, voicesOn, withAccidentals } from './drawing';
import type { FourParts } from './useFourParts';

interface Drawn {
  readonly derived: DerivedColumn;
  readonly staff: StaffDrawing | null;
  readonly place: string;
  readonly blank: readonly string[];
  readonly faults: string;
  readonly grid: GridColumn;
}

/** How the line is drawn beside its chords. */
export type Drawing = Pick<Progression, 'blank' | 'pattern'>;

/** Grid columns whose objects stay the same while nothing in them changes, so that only changed columns are drawn again. */
export class GridColumns {
  private known = new Map<string, Drawn>();

  build(
    derived: readonly DerivedColumn[],
    key: Key,
    school: School,
    engraver: Engraver | null,
    { blank, pattern }: Drawing,
    parts: FourParts,
  ): GridColumn[] {
    const fifths = printedFifths(key);
    const timed = isTimed(derived.map(({ column }) => column));
    const faultsAt = derived.map((_, position) => parts.faults.filter(({ at }) => at === position));
    const staves = withAccidentals(
      derived.map(({ setting, place }, position) => {
        const voices = parts.voices[position] ?? null;
        if (voices) return voicesOn(voices, faultsAt[position]!, place.ticks);
        return setting && handsOf(setting, pattern, place.ticks);
      }),
      derived.map(({ place }) => place),
      fifths,
    );
    const next: typeof this.known = new Map();
    const grid = derived.map((one, position) => {
      const { column } = one;
      const faults = faultsAt[position]!.map(faultWords).join(', ');
      const staff = engraved(engraver, staves[position]!, fifths);
      const place = { first: position === 0, last: position === derived.length - 1, timed };
      const placeKey = `${place.first} ${place.last} ${timed}`;
      const old = this.known.get(column.id);
      const same = old && old.derived === one && old.staff === staff && old.place === placeKey && old.blank === blank && old.faults === faults;
      const entry = same
        ? old
        : { derived: one, staff, place: placeKey, blank, faults, grid: blanked(gridColumn(one, place, staff, school, faults), blank) };
      next.set(column.id, entry);
      return entry.grid;
    });
    this.known = next;
    return grid;
  }
}

/** Rows left blank for the class; the column is still said to be there. */
function blanked(column: GridColumn, blank: readonly string[]): GridColumn {
  if (blank.length === 0 || column.problem !== undefined) return column;
  const cells = Object.fromEntries(
    Object.entries(column.cells).map(([row, cell]) => [
      row,
      blank.includes(row) ? { text: 'to be filled in', content: <span className="blank" aria-hidden="true" /> } : cell,
    ]),
  );
  return { ...column, sentence: blank.includes('numeral') ? column.sentence.split(',')[0]! : column.sentence, cells };
}
