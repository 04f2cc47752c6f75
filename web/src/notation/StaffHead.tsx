import type { Clef } from '@diatonix/core';
import { memo } from 'react';
import { StaffLines } from '../columns/StaffLines';
import type { StaffFrame } from '../columns/types';
import { BRACE_ROOM, type Engraver } from '@diatonix/engraving';

interface StaffHeadProps {
  readonly engraver: Engraver | null;
  readonly clefs: readonly Clef[];
  readonly frame: StaffFrame;
  readonly fifths: number;
  readonly scale: number;
  /** Whether two staves belong together, as for a keyboard. */
  readonly braced?: boolean;
  readonly metre?: string | null;
}

const WAITING = 96;

/** Clef and signature at the left of the grid's staff. */
export const StaffHead = memo(function StaffHead({
  engraver,
  clefs,
  frame,
  fifths,
  scale,
  braced = false,
  metre = null,
}: StaffHeadProps) {
  const head = engraver?.head(clefs, frame, fifths, braced, metre);
  return (
    <div
      className="staff-cell"
      style={{ height: frame.height * scale, minWidth: (head?.width ?? WAITING) * scale }}
    >
      <svg className="staff" aria-hidden="true">
        <svg x={braced ? BRACE_ROOM * scale : 0} overflow="visible">
          <StaffLines frame={frame} scale={scale} end={false} />
        </svg>
        {head && <g transform={`scale(${scale})`} dangerouslySetInnerHTML={{ __html: head.markup }} />}
      </svg>
    </div>
  );
});
