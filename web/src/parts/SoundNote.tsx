import { usePlayback } from '../sound/player';
import { Problem } from '../design/Problem';

/** The word about headphones, and anything that keeps the sounds from playing. */
export function SoundNote() {
  const { loading, problem } = usePlayback();
  if (problem) return <Problem>{problem}</Problem>;
  return (
    <p className="sound-note">
      {loading ? 'Loading the sounds…' : 'Sound starts at a moderate level: check your headphones first.'}
    </p>
  );
}
