import { lazy, Suspense } from 'react';
import { useNewer } from '../offline/keep';
import { Begin } from './Begin';
import { ClassStrip, Waiting } from './ClassStrip';
import { PupilStyle } from './PupilStyle';
import { SlipView } from './SlipView';
import { usePupil } from './work';

/** What questions are drawn and answered with comes when there are any. */
const SheetView = lazy(() => import('./SheetView'));

/** The pupils' page: a sheet comes as a file or from the class, is answered and handed in. */
export function PupilPage() {
  const { work, begun } = usePupil();
  const newer = useNewer(({ change }) => change);
  return (
    <PupilStyle>
      {begun && work?.room && <ClassStrip room={work.room} />}
      {begun && work?.room?.slip && <SlipView text={work.room.slip} />}
      {begun && work ? (
        work.sheets.length > 0 ? (
          <Suspense fallback={<p className="soft">The sheet is coming…</p>}>
            <SheetView work={work} />
          </Suspense>
        ) : (
          <Waiting work={work} />
        )
      ) : (
        <Begin />
      )}
      {newer && (
        <p className="soft">
          A newer version of this page is there. <button onClick={newer}>Change to it</button>
        </p>
      )}
      {!begun && (
        <p className="soft">
          <a href="third-party.txt">What others made of this page, and its licences</a>
        </p>
      )}
    </PupilStyle>
  );
}
