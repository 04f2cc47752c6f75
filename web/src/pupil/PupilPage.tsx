import { useNewer } from '../offline/keep';
import { Begin } from './Begin';
import { PupilStyle } from './PupilStyle';
import { SheetView } from './SheetView';
import { usePupil } from './work';

/** The pupils' page: a sheet is opened, answered and handed in as a file; nothing leaves the device by itself. */
export function PupilPage() {
  const { work, begun } = usePupil();
  const newer = useNewer(({ change }) => change);
  return (
    <PupilStyle>
      {begun && work ? <SheetView work={work} /> : <Begin />}
      {newer && (
        <p className="soft">
          A newer version of this page is there. <button onClick={newer}>Change to it</button>
        </p>
      )}
    </PupilStyle>
  );
}
