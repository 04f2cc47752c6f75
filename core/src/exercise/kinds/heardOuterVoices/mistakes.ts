import type { HeardInKey } from '../../heard/heardQuestion';
import { momentsOf } from '../../heard/timedSound';
import type { Mistake } from '../../mistakes/mistake';
import type { OuterVoices } from './answer';

/** Voices are taken for each other, or a voice inside the chord for the outer one. */
export const HEARD_VOICES_MISTAKES: readonly Mistake<HeardInKey, OuterVoices>[] = [
  {
    id: 'voices-exchanged',
    slips: ({ soprano, bass }) => [{ soprano: bass, bass: soprano }],
  },
  {
    id: 'inner-voice-heard',
    slips: (right, { sound }) => {
      const inner = momentsOf(sound).map((notes) => notes[notes.length - 2] ?? notes[0]!);
      return right.soprano.map((_, at) => ({
        ...right,
        soprano: right.soprano.map((note, other) => (other === at ? inner[at]! : note)),
      }));
    },
  },
];
