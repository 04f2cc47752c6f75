import type { Clef } from '@diatonix/core';
import { ColumnGrid, type ColumnGridProps } from '../columns/ColumnGrid';
import { useAppearance } from '../shell/appearance';
import type { Engraver } from './engraver';
import { StaffHead } from './StaffHead';

interface StaffGridProps extends Omit<ColumnGridProps, 'head' | 'scale'> {
  readonly engraver: Engraver | null;
  /** One clef a staff, from the top. */
  readonly clefs: readonly Clef[];
  /** Sharps or flats of the printed signature. */
  readonly fifths: number;
  readonly braced?: boolean;
  /** The metre as it is printed after the signature. */
  readonly metre?: string | null;
}

const BOARD_SCALE = 1.25;

/** The column grid under its clefs and signature, as large as the room needs it. */
export function StaffGrid({
  engraver,
  clefs,
  fifths,
  braced = false,
  metre = null,
  ...grid
}: StaffGridProps) {
  const scale = useAppearance((state) => (state.boardSize ? BOARD_SCALE : 1));
  const head = (
    <StaffHead
      engraver={engraver}
      clefs={clefs}
      frame={grid.frame}
      fifths={fifths}
      scale={scale}
      braced={braced}
      metre={metre}
    />
  );
  return <ColumnGrid {...grid} head={head} scale={scale} />;
}
