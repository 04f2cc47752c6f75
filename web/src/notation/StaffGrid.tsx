import { signatureSaid, type Clef } from '@diatonix/core';
import { useCallback } from 'react';
import { ColumnGrid, type ColumnGridProps } from '../columns/ColumnGrid';
import { useAppearance } from '../design/appearance';
import type { Engraver } from '@diatonix/engraving';
import { StaffHead } from './StaffHead';

interface StaffGridProps extends Omit<ColumnGridProps, 'head' | 'scale' | 'staffSaid'> {
  readonly engraver: Engraver | null;
  /** One clef a staff, from the top. */
  readonly clefs: readonly Clef[];
  /** Sharps or flats of the printed signature. */
  readonly fifths: number;
  /** The signature that is in force at each column, where it changes along the line. */
  readonly fifthsAt?: readonly number[];
  readonly braced?: boolean;
  /** The metre as it is printed after the signature, at the beginning only. */
  readonly metre?: string | null;
  /** The metre that begins at each column, where it changes along the line. */
  readonly metreAt?: readonly (string | null)[];
}

const BOARD_SCALE = 1.25;

/** The column grid under its clefs and signature, as large as the room needs it. */
export function StaffGrid({
  engraver,
  clefs,
  fifths,
  fifthsAt,
  braced = false,
  metre = null,
  metreAt,
  ...grid
}: StaffGridProps) {
  const scale = useAppearance((state) => (state.boardSize ? BOARD_SCALE : 1));
  const { frame } = grid;
  const head = useCallback(
    (first: number) => (
      <StaffHead
        engraver={engraver}
        clefs={clefs}
        frame={frame}
        fifths={fifthsAt?.[first] ?? fifths}
        scale={scale}
        braced={braced}
        metre={first === 0 ? metre : (metreAt?.[first] ?? null)}
      />
    ),
    [engraver, clefs, frame, fifths, fifthsAt, scale, braced, metre, metreAt],
  );
  const said = `${clefs.map((clef) => `${clef} clef`).join(' over ')}, ${signatureSaid(fifths)}`;
  return <ColumnGrid {...grid} head={head} scale={scale} staffSaid={said} />;
}
