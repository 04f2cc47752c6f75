import { memo } from 'react';
import type { StaffFrame } from './types';

const SPACE = 10;

/** Five lines a staff across the whole width, with the closing line after the last column. */
export const StaffLines = memo(function StaffLines({ frame, scale, end }: { frame: StaffFrame; scale: number; end: boolean }) {
  const closing = barlines(frame);
  return (
    <g className="staff-lines">
      {frame.staves.flatMap((staff) =>
        [0, 1, 2, 3, 4].map((line) => (
          <line key={`${staff}-${line}`} x1="-1" x2="100%" y1={(staff + line * SPACE) * scale} y2={(staff + line * SPACE) * scale} />
        )),
      )}
      {end && closing.map(([from, to]) => <line key={from} x1="100%" x2="100%" y1={from * scale} y2={to * scale} className="closing" />)}
    </g>
  );
});

/** Where barlines run, from top to bottom: through all staves where they are joined. */
export function barlines(frame: StaffFrame): readonly (readonly [number, number])[] {
  const first = frame.staves[0]!;
  const last = frame.staves[frame.staves.length - 1]!;
  return frame.joined ? [[first, last + 4 * SPACE]] : frame.staves.map((staff) => [staff, staff + 4 * SPACE]);
}
