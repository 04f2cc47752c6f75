import { AskClass } from '../../classroom/teacher/AskClass';
import { ToSheet, type SheetEntry } from '../../parts/ToSheet';
import type { ShownColumn } from './derive';
import { WorkBackMenu } from './WorkBackMenu';

interface LineMenusProps {
  readonly derived: () => readonly ShownColumn[];
  readonly sheets: readonly SheetEntry[];
  /** What of the selected columns is asked of a class. */
  readonly asks: readonly SheetEntry[];
}

/** What the class gets of a line: chords to be worked back, and questions for a sheet. */
export function LineMenus({ derived, sheets, asks }: LineMenusProps) {
  return (
    <>
      <WorkBackMenu derived={derived} />
      <AskClass entries={asks} />
      <ToSheet entries={sheets} />
    </>
  );
}
