import { Suspense, type ComponentProps } from 'react';
import { Opened } from '../design/Opened';
import { part } from '../design/part';

const Panel = part(() => import('./NotePanel').then((module) => module.NotePanel));

/** The panel for notes by hand, loaded when it is first opened. */
export function LazyNotePanel(props: ComponentProps<typeof Panel>) {
  return (
    <Suspense fallback={null}>
      <Opened>
        <Panel {...props} />
      </Opened>
    </Suspense>
  );
}
