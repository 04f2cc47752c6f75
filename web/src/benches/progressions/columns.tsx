import {
  isTimed,
  printedFifths,
  type Fault,
  type FourNotes,
  type Key,
  type Pattern,
  type School,
} from '@diatonix/core';
import type { GridColumn, StaffDrawing } from '../../columns/types';
import type { Engraver } from '../../notation/engraver';
import type { Progression } from '../../workbook/model';
import { faultWords, gridColumn } from './cells';
import type { DerivedColumn } from './derive';
import { engraved, handsOf, voicesOn, withAccidentals } from './drawing';
import type { FourParts } from './useFourParts';

interface Drawn {
  readonly derived: DerivedColumn;
  readonly voices: FourNotes | null;
  readonly staff: StaffDrawing | null;
  readonly place: string;
  readonly blank: readonly string[];
  readonly faults: string;
  readonly grid: GridColumn;
}

/** How the line is drawn beside its chords. */
export type Drawing = Pick<Progression, 'blank' | 'pattern'>;

/**
 * Grid columns whose objects stay the same while nothing in them changes, so that only changed columns are
 * drawn again.
 */
export class GridColumns {
  private known = new Map<string, Drawn>();
  private context = '';

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
    const faultsAt = new Map<number, Fault[]>();
    for (const fault of parts.faults) faultsAt.set(fault.at, [...(faultsAt.get(fault.at) ?? []), fault]);
    const faultTexts = derived.map((_, position) =>
      (faultsAt.get(position) ?? []).map(faultWords).join(', '),
    );
    const context = `${fifths} ${pattern} ${engraver !== null}`;
    if (context !== this.context) this.known = new Map();
    this.context = context;
    const staves = this.staves(derived, faultTexts, fifths, engraver, pattern, parts, faultsAt);
    const next: typeof this.known = new Map();
    const grid = derived.map((one, position) => {
      const { column } = one;
      const faults = faultTexts[position]!;
      const staff = staves[position]!;
      const place = { first: position === 0, last: position === derived.length - 1, timed };
      const placeKey = `${place.first} ${place.last} ${timed}`;
      const old = this.known.get(column.id);
      const same =
        old &&
        old.derived === one &&
        old.staff === staff &&
        old.place === placeKey &&
        old.blank === blank &&
        old.faults === faults;
      const entry = same
        ? old
        : {
            derived: one,
            voices: parts.voices[position] ?? null,
            staff,
            place: placeKey,
            blank,
            faults,
            grid: blanked(gridColumn(one, place, staff, school, faultsAt.get(position) ?? []), blank),
          };
      next.set(column.id, entry);
      return entry.grid;
    });
    this.known = next;
    return grid;
  }

  /**
   * The staff of every column: drawn anew only in bars where something changed, since an accidental holds to
   * the end of its bar.
   */
  private staves(
    derived: readonly DerivedColumn[],
    faultTexts: readonly string[],
    fifths: number,
    engraver: Engraver | null,
    pattern: Pattern,
    { voices }: FourParts,
    faultsAt: ReadonlyMap<number, readonly Fault[]>,
  ): (StaffDrawing | null)[] {
    const olds = derived.map(({ column }) => this.known.get(column.id));
    const changed = new Set<number>();
    derived.forEach((one, at) => {
      const old = olds[at];
      if (!(
        old &&
        old.derived === one &&
        old.voices === (voices[at] ?? null) &&
        old.faults === faultTexts[at]
      ))
        changed.add(one.place.bar);
    });
    const anew = derived.flatMap(({ place }, at) => (changed.has(place.bar) ? [at] : []));
    const drawn = withAccidentals(
      anew.map((at) => {
        const { setting, place } = derived[at]!;
        const four = voices[at] ?? null;
        if (four) return voicesOn(four, faultsAt.get(at) ?? [], place.ticks);
        return setting && handsOf(setting, pattern, place.ticks);
      }),
      anew.map((at) => derived[at]!.place),
      fifths,
    );
    const staves = olds.map((old) => old?.staff ?? null);
    anew.forEach((at, index) => (staves[at] = engraved(engraver, drawn[index]!, fifths)));
    return staves;
  }
}

/** Rows left blank for the class; the column is still said to be there. */
function blanked(column: GridColumn, blank: readonly string[]): GridColumn {
  if (blank.length === 0 || column.problem !== undefined) return column;
  const cells = Object.fromEntries(
    Object.entries(column.cells).map(([row, cell]) => [
      row,
      blank.includes(row)
        ? { text: 'to be filled in', content: <span className="blank" aria-hidden="true" /> }
        : cell,
    ]),
  );
  return {
    ...column,
    sentence: blank.includes('numeral') ? column.sentence.split(',')[0]! : column.sentence,
    cells,
  };
}
