import { useWhileTyping } from '../../parts/useWhileTyping';
import { useOpenProgression } from './desk';
import { EmptyProgression } from './EmptyProgression';
import { OpenProgression } from './OpenProgression';

/** The Progressions bench: a line of chords, labelled, set on a grand staff, and played. */
export function ProgressionsBench() {
  const open = useWhileTyping(useOpenProgression());
  return open ? <OpenProgression open={open} /> : <EmptyProgression />;
}
