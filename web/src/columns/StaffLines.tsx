import { memo } from 'react';
import type { Barline, StaffFrame } from './types';

const SPACE = 10;

/** Five lines a staff across the whole width, with the closing line after the last column. */
export const StaffLines = memo(function StaffLines({
  frame,
  scale,
  end,
}: {
  frame: StaffFrame;
  scale: number;
  end: boolean;
}) {
  const closing = barlines(frame);
  return (
    <g className="staff-lines">
      {frame.staves.flatMap((staff) =>
        [0, 1, 2, 3, 4].map((line) => (
          <line
            key={`${staff}-${line}`}
            x1="-1"
            x2="100%"
            y1={(staff + line * SPACE) * scale}
            y2={(staff + line * SPACE) * scale}
          />
        )),
      )}
      {end &&
        closing.map(([from, to]) => (
          <line key={from} x1="100%" x2="100%" y1={from * scale} y2={to * scale} className="closing" />
        ))}
    </g>
  );
});

/** Where barlines run, from top to bottom: through the last two staves where they are joined. */
export function barlines(frame: StaffFrame): readonly (readonly [number, number])[] {
  const alone = (staff: number) => [staff, staff + 4 * SPACE] as const;
  if (!frame.joined) return frame.staves.map(alone);
  const [upper, lower] = frame.staves.slice(-2) as [number, number];
  return [...frame.staves.slice(0, -2).map(alone), [upper, lower + 4 * SPACE]];
}

/** Thin line, dots and thick line of a repeat, in staff units from the edge inwards. */
const REPEAT = { thick: 1.5, thin: 6, dot: 11, radius: 1.8 };
const DOUBLE_GAP = 4;
/** A barline stands within its own column: the ground of a selected neighbour would cover it. */
const INSET = 0.75;

interface BarsProps {
  readonly kind: Barline;
  readonly at: 'start' | 'end';
  readonly frame: StaffFrame;
  readonly scale: number;
}

/** A barline at the edge of a column: one line, two, or those of a repeat with its dots inwards. */
export const Bars = memo(function Bars({ kind, at, frame, scale }: BarsProps) {
  const inwards = at === 'end' ? -scale : scale;
  const lines = (x: number, className: string) =>
    barlines(frame).map(([from, to]) => (
      <line key={`${x} ${from}`} className={className} x1={x} x2={x} y1={from * scale} y2={to * scale} />
    ));
  return (
    <svg x={at === 'end' ? '100%' : '0'} overflow="visible">
      {kind === 'repeat' ? (
        <>
          {lines(REPEAT.thick * inwards, 'barline thick')}
          {lines(REPEAT.thin * inwards, 'barline')}
          {frame.staves.flatMap((staff) =>
            [1.5, 2.5].map((space) => (
              <circle
                key={`${staff} ${space}`}
                cx={REPEAT.dot * inwards}
                cy={(staff + space * SPACE) * scale}
                r={REPEAT.radius * scale}
                fill="currentColor"
              />
            )),
          )}
        </>
      ) : (
        <>
          {lines(INSET * inwards, 'barline')}
          {kind === 'double' && lines(DOUBLE_GAP * inwards, 'barline')}
        </>
      )}
    </svg>
  );
});
