import { isTimed, Kept, printedFifths, type Fault, type Key, type School } from '@diatonix/core';
import type { GridColumn, StaffDrawing } from '../../columns/types';
import type { Progression } from '../../documents/kinds/progression';
import type { Engraver } from '../../notation/engraver';
import { GRAND_STAFF } from '../../notation/frames';
import { gridColumn, type ColumnPlace } from './cells';
import type { DerivedColumn } from './derive';
import { engraved, handsOf, voicesOn, withAccidentals, type Staves } from './drawing';
import type { FourParts } from './useFourParts';

const CLEFS_OF_HANDS = ['treble', 'bass'] as const;

/** How the line is drawn beside its chords. */
export type Drawing = Pick<Progression, 'blank' | 'pattern'>;

interface StaffInputs {
  readonly engraver: Engraver | null;
  readonly staves: Staves | null;
  readonly fifths: number;
}

/** A column as it is shown: its other readings, whose costs hang on the whole line, stand in the margin. */
type ShownColumn = DerivedColumn;

interface ColumnInputs {
  readonly one: ShownColumn;
  readonly place: ColumnPlace;
  readonly staff: StaffDrawing | null;
  readonly signature: GridColumn['signature'] | null;
  readonly school: School;
  readonly faults: readonly Fault[];
  readonly blank: readonly string[];
}

/** Grid columns whose objects stay the same while nothing in them changes, so that only changed columns are drawn again. */
export class GridColumns {
  private readonly staves = new Kept(({ engraver, staves, fifths }: StaffInputs) =>
    engraved(engraver, staves, fifths),
  );
  private readonly columns = new Kept(
    ({ one, place, staff, signature, school, faults, blank }: ColumnInputs): GridColumn => ({
      ...blanked(gridColumn(one, place, staff, school, faults), blank),
      ...(signature ? { signature } : {}),
    }),
  );

  build(
    derived: readonly DerivedColumn[],
    key: Key,
    school: School,
    engraver: Engraver | null,
    { blank, pattern }: Drawing,
    parts: FourParts,
  ): GridColumn[] {
    const fifths = fifthsAlong(derived, key);
    const timed = isTimed(derived.map(({ column }) => column));
    const faults = derived.map((_, at) => parts.faults.filter((fault) => fault.at === at));
    const drawn = withAccidentals(
      derived.map(({ setting, place }, at) => {
        const four = parts.voices[at] ?? null;
        if (four) return voicesOn(four, faults[at]!, place.ticks);
        return setting && handsOf(setting, pattern, place.ticks);
      }),
      derived.map(({ place }) => place),
      fifths,
    );
    const changes = fifths.map((now, at) =>
      at > 0 && fifths[at - 1] !== now ? ([fifths[at - 1]!, now] as const) : null,
    );
    const grid = derived.map((one, at): GridColumn => {
      const { id } = one.column;
      const staff = this.staves.of(id, { engraver, staves: drawn[at]!, fifths: fifths[at]! });
      const change = changes[at]!;
      const signature =
        change && engraver ? engraver.signature(CLEFS_OF_HANDS, GRAND_STAFF, ...change) : null;
      const place = { first: at === 0, last: at === derived.length - 1, timed };
      const shown = { ...one, line: one.line && { ...one.line, readings: [] } };
      return this.columns.of(id, { one: shown, place, staff, signature, school, faults: faults[at]!, blank });
    });
    this.staves.round();
    this.columns.round();
    return grid;
  }
}

/** The printed signature at every column: that of the key it is read in. */
export function fifthsAlong(derived: readonly DerivedColumn[], key: Key): number[] {
  return derived.map(({ line }) => printedFifths(line?.key ?? key));
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
