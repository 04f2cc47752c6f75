import { frequency, type TimedNotes } from '@diatonix/core';
import type { Hearing, Timed } from './hearings';
import { perform, type Sounding } from './player';

/** So many times slower. */
const SLOWER = 1.6;
/** Between the key and the question, and between the notes of a broken chord, in seconds. */
const PAUSE = 0.8;
const BROKEN = 0.35;

const endOf = (all: readonly TimedNotes[]) => Math.max(0, ...all.map(({ at, seconds }) => at + seconds));

/** A question as it is played, in one stretch: each note with its beginning and end in seconds. */
export function heardAs({ before, sound }: Timed, hearing: Hearing): Sounding {
  const given = hearing === 'whole' ? before : [];
  const start = given.length > 0 ? endOf(given) + PAUSE : 0;
  const pace = hearing === 'slower' ? SLOWER : 1;
  const placed = (all: readonly TimedNotes[], from: number, rate: number) =>
    all.flatMap(({ at, seconds, notes }) => {
      const rising = [...notes].sort((a, b) => frequency(a) - frequency(b));
      const one = hearing === 'top' ? rising.slice(-1) : hearing === 'bass' ? rising.slice(0, 1) : rising;
      const own = all === sound ? one : rising;
      return own.map((note, place) => {
        const late =
          hearing === 'broken' && all === sound
            ? Math.min(BROKEN * place, (seconds * place) / own.length)
            : 0;
        return { note, from: from + at * rate + late, to: from + (at + seconds) * rate };
      });
    });
  const seconds = start + endOf(sound) * pace;
  return { column: -1, seconds, notes: [...placed(given, 0, 1), ...placed(sound, start, pace)] };
}

/** Plays a question in one of the ways. Rejects where there is no sound. */
export const playHeard = (timed: Timed, hearing: Hearing): Promise<void> =>
  perform([[heardAs(timed, hearing)]]);
