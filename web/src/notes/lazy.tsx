import { lazy, Suspense, type ComponentProps } from 'react';
import { Opened } from '../design/Opened';

const Panel = lazy(() => import('./NotePanel').then(({ NotePanel: panel }) => ({ default: panel })));

/** The panel for notes by hand, loaded when it is first opened. */
export function NotePanel(props: ComponentProps<typeof Panel>) {
  return (
    <Suspense fallback={null}>
      <Opened>
        <Panel {...props} />
      </Opened>
    </Suspense>
  );
}
