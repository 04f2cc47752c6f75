import type { ReactNode } from 'react';
import type { StaffFrame } from '../columns/types';
import type { QuestionStaff } from '@diatonix/engraving';

interface StaffPictureProps {
  readonly frame: StaffFrame;
  readonly staff: QuestionStaff;
  /** A line of chords shrinks with what stands under it where the page is narrow; other staves fill their column. */
  readonly shrinks: boolean;
  readonly children?: ReactNode;
}

/** The staves of a question with what stands on them and under them. */
export function StaffPicture({ frame, staff, shrinks, children }: StaffPictureProps) {
  return (
    <div className="staff" style={shrinks ? { maxWidth: staff.width } : {}}>
      <svg
        {...(shrinks
          ? { viewBox: `0 0 ${staff.width} ${frame.height}`, style: { width: '100%' } }
          : { width: '100%', height: frame.height })}
        aria-hidden="true"
      >
        {frame.staves.flatMap((top) =>
          [0, 1, 2, 3, 4].map((line) => (
            <line
              key={`${top} ${line}`}
              className="line"
              x1={frame.joined ? 16 : 0}
              x2="100%"
              y1={top + 10 * line}
              y2={top + 10 * line}
            />
          )),
        )}
        <g dangerouslySetInnerHTML={{ __html: staff.markup }} />
      </svg>
      {children}
    </div>
  );
}
