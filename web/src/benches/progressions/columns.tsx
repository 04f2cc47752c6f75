import {
  isRestColumn,
  isTimed,
  Kept,
  printedFifths,
  printMetre,
  type Clef,
  type Fault,
  type FourNotes,
  type Key,
  type Pattern,
  type LabelStyle,
  type Setting,
} from '@diatonix/core';
import type { GridColumn, StaffDrawing, StaffFrame } from '../../columns/types';
import type { ProgressionColumn, Progression } from '../../documents/kinds/progression/type';
import type { Engraver } from '@diatonix/engraving';
import {
  FOUR_PARTS,
  GRAND_STAFF,
  MELODY_AND_FOUR_PARTS,
  MELODY_AND_GRAND_STAFF,
} from '../../notation/frames';
import { gridColumn, type ColumnPlace } from './cells';
import type { ShownColumn } from './derive';
import { engraved, handsOf, melodyOn, restsOf, voicesOn, withAccidentals, type StavesShown } from './drawing';
import type { FourParts } from './useFourParts';

const HANDS: readonly Clef[] = ['treble', 'bass'];
const MELODY_CLEFS: readonly Clef[] = ['treble', ...HANDS];

/** How the line is drawn beside its chords. */
export type LineDrawing = Pick<Progression, 'blank' | 'pattern'>;

interface StaffInputs {
  readonly engraver: Engraver | null;
  readonly staves: StavesShown | null;
  readonly frame: StaffFrame;
  readonly fifths: number;
}

interface ColumnInputs {
  readonly one: ShownColumn;
  readonly place: ColumnPlace;
  readonly staff: StaffDrawing | null;
  readonly signature: GridColumn['signature'] | null;
  readonly school: LabelStyle;
  readonly faults: readonly Fault[];
  readonly blank: readonly string[];
}

/** The staves of a line: a melody stands on one of its own, and four voices have room for their stems. */
export function lineFrame(
  columns: readonly Pick<ProgressionColumn, 'melody'>[],
  { voices }: FourParts,
): {
  readonly frame: StaffFrame;
  readonly clefs: readonly Clef[];
} {
  const inParts = voices.some(Boolean);
  return columns.some(({ melody }) => melody !== undefined)
    ? { frame: inParts ? MELODY_AND_FOUR_PARTS : MELODY_AND_GRAND_STAFF, clefs: MELODY_CLEFS }
    : { frame: inParts ? FOUR_PARTS : GRAND_STAFF, clefs: HANDS };
}

/**
 * Grid columns whose objects stay the same while nothing in them changes, so that only changed columns are drawn
 * again.
 */
export class GridColumns {
  private readonly staves = new Kept(({ engraver, staves, frame, fifths }: StaffInputs) =>
    engraved(engraver, staves, frame, fifths),
  );
  private readonly columns = new Kept(
    ({ one, place, staff, signature, school, faults, blank }: ColumnInputs): GridColumn => ({
      ...blanked(gridColumn(one, place, staff, school, faults), blank),
      ...(signature ? { signature } : {}),
    }),
  );

  build(
    derived: readonly ShownColumn[],
    key: Key,
    school: LabelStyle,
    engraver: Engraver | null,
    { blank, pattern }: LineDrawing,
    parts: FourParts,
  ): GridColumn[] {
    const fifths = fifthsAlong(derived, key);
    const entered = derived.map(({ column }) => column);
    const timed = isTimed(entered);
    const { frame, clefs } = lineFrame(entered, parts);
    const faults = derived.map((_, at) => parts.faults.filter((fault) => fault.at === at));
    const drawn = withAccidentals(
      derived.map(({ column, setting, place }, at) => {
        const hands = handsAt(column, setting, parts.voices[at] ?? null, faults[at]!, pattern, place.ticks);
        if (clefs !== MELODY_CLEFS) return hands;
        return [melodyOn(column.melody ?? [], place.ticks), ...(hands ?? restsOf(place.ticks))];
      }),
      derived.map(({ place }) => place),
      fifths,
    );
    const grid = derived.map((one, at): GridColumn => {
      const { id, ending } = one.column;
      const staff = this.staves.of(id, { engraver, staves: drawn[at]!, frame, fifths: fifths[at]! });
      const change =
        at > 0 && fifths[at - 1] !== fifths[at] ? ([fifths[at - 1]!, fifths[at]!] as const) : null;
      const metre = at > 0 && one.place.metreBegins ? printMetre(one.place.metre) : null;
      const signature = engraver && (change || metre) ? engraver.change(clefs, frame, change, metre) : null;
      const place: ColumnPlace = {
        first: at === 0,
        last: at === derived.length - 1,
        timed,
        ending: ending
          ? {
              number: ending,
              begins: entered[at - 1]?.ending !== ending,
              ends: entered[at + 1]?.ending !== ending,
            }
          : null,
      };
      // Other readings, whose costs hang on the whole line, stand in the margin.
      const shown = { ...one, line: one.line && { ...one.line, readings: [] } };
      return this.columns.of(id, { one: shown, place, staff, signature, school, faults: faults[at]!, blank });
    });
    this.staves.round();
    this.columns.round();
    return grid;
  }
}

/** What the hands or the voices have in a column: nothing where it cannot be read. */
function handsAt(
  column: ProgressionColumn,
  setting: Setting | null,
  voices: FourNotes | null,
  faults: readonly Fault[],
  pattern: Pattern,
  ticks: number,
): StavesShown | null {
  if (isRestColumn(column)) return restsOf(ticks);
  if (voices) return voicesOn(voices, faults, ticks);
  return setting && handsOf(setting, pattern, ticks);
}

/** The printed signature at every column: that of the key it is read in. */
export function fifthsAlong(derived: readonly ShownColumn[], key: Key): number[] {
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

/** The metre that begins at each column, as a new system prints it; null where none does. */
export function metresAlong(derived: readonly ShownColumn[]): (string | null)[] {
  return derived.map(({ place }) => (place.metreBegins ? printMetre(place.metre) : null));
}
