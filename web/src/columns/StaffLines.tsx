import { memo } from 'react';
import type { StaffFrame } from './types';

const SPACE = 10;

/** Five lines a staff across the whole width, with the closing line after the last column. */
export const StaffLines = memo(function StaffLines({ frame, scale, end }: { frame: StaffFrame; scale: number; end: boolean }) {
  const top = frame.staves[0]! * scale;
  const bottom = (frame.staves[frame.staves.length - 1]! + 4 * SPACE) * scale;
  return (
    <g className="staff-lines">
      {frame.staves.flatMap((staff) => [0, 1, 2, 3, 4].map((line) => <line key={`${staff}-${line}`} x1="0" x2="100%" y1={(staff + line * SPACE) * scale} y2={(staff + line * SPACE) * scale} />))}
      {end && <line x1="100%" x2="100%" y1={top} y2={bottom} className="closing" />}
    </g>
  );
});
