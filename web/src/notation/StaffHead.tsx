import type { Clef } from '@diatonix/core';
import { StaffLines } from '../columns/StaffLines';
import type { StaffFrame } from '../columns/types';
import type { Engraver } from './engraver';

interface StaffHeadProps {
  readonly engraver: Engraver | null;
  readonly clefs: readonly Clef[];
  readonly frame: StaffFrame;
  readonly fifths: number;
  readonly scale: number;
}

const WAITING = 96;

/** Clef and signature at the left of the grid's staff. */
export function StaffHead({ engraver, clefs, frame, fifths, scale }: StaffHeadProps) {
  const head = engraver?.head(clefs, frame, fifths);
  return (
    <svg className="staff" height={frame.height * scale} style={{ minWidth: (head?.width ?? WAITING) * scale }} aria-hidden="true">
      <svg x={clefs.length > 1 ? 16 * scale : 0} overflow="visible">
        <StaffLines frame={frame} scale={scale} end={false} />
      </svg>
      {head && <g transform={`scale(${scale})`} dangerouslySetInnerHTML={{ __html: head.markup }} />}
    </svg>
  );
}
