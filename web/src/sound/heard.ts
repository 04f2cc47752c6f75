import { frequency, type TimedNotes } from '@diatonix/core';
import { perform, type Sounding } from './player';

/** Ways of hearing a question: with its key before it, alone, slower, broken, or one voice of it. */
export const HEARINGS = [
  { id: 'whole', name: 'Hear' },
  { id: 'alone', name: 'Without the key' },
  { id: 'slower', name: 'Slower' },
  { id: 'broken', name: 'Note by note' },
  { id: 'top', name: 'Top' },
  { id: 'bass', name: 'Bass' },
] as const;
export type Hearing = (typeof HEARINGS)[number]['id'];

interface Timed {
  readonly before: readonly TimedNotes[];
  readonly sound: readonly TimedNotes[];
}

/** Half again as slow. */
const SLOWER = 1.6;
/** Between the key and the question, and between the notes of a broken chord, in seconds. */
const PAUSE = 0.8;
const BROKEN = 0.35;

/** The ways in which a question can be heard: what has no key or one note at a time needs fewer. */
export function hearingsOf({ before, sound }: Timed): readonly (typeof HEARINGS)[number][] {
  const isChords = sound.some(({ notes }) => notes.length > 1);
  return HEARINGS.filter(({ id }) =>
    id === 'alone' ? before.length > 0 : id === 'broken' || id === 'top' || id === 'bass' ? isChords : true,
  );
}

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
