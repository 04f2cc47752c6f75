import { chordHeard } from '../../heard/oneChord';
import { momentsOf } from '../../heard/timedSound';
import type { DifficultyParts } from '../../question';
import type { HeardChord } from './answer';
import type { HeardChordGiven } from './given';

/** An augmented triad, and a diminished seventh chord, divide the octave evenly: turned they sound the same. */
const EVEN = ['augmented', 'diminished-seventh'];

/** Quality and inversion; of a chord that sounds the same in every inversion all of them. */
export function solveHeardChord({ sound }: HeardChordGiven): readonly HeardChord[] {
  const { quality, inversion } = chordHeard(momentsOf(sound));
  const own = { quality, inversion };
  if (!EVEN.includes(quality)) return [own];
  const turns = quality === 'augmented' ? [0, 1, 2] : [0, 1, 2, 3];
  return [own, ...turns.filter((turn) => turn !== inversion).map((turn) => ({ quality, inversion: turn }))];
}

export function heardChordDifficulty({ size, sound }: HeardChordGiven): DifficultyParts {
  const { quality, inversion } = chordHeard(momentsOf(sound));
  return {
    sound: size === 'seventh' ? 1.2 : 0.6,
    ...(/^(?:major|minor|dominant-seventh)$/.test(quality) ? {} : { quality: 0.3 }),
    ...(inversion > 0 ? { inversion: 0.4 } : {}),
  };
}
