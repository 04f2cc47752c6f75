import type { Key } from '../../key/key';
import { scaleOf } from '../../key/scale';
import { midiNumber, stackUp, type Note } from '../../pitch/note';
import { printNote } from '../../pitch/print';
import { chordLine } from '../chordLine';
import type { Field } from '../givenFields';
import { rising } from '../givenReading';
import type { KeyGivenBy } from './keyGiven';

/** Notes that sound from a time on, for so long, in seconds; the lowest first. */
export type Sounding = readonly [at: number, length: number, notes: readonly string[]];

const MOST_SECONDS = 600;
const isTime = (value: unknown) => typeof value === 'number' && value >= 0 && value <= MOST_SECONDS;
const isSounding = (value: unknown): value is Sounding =>
  Array.isArray(value) &&
  value.length === 3 &&
  isTime(value[0]) &&
  isTime(value[1]) &&
  Array.isArray(value[2]) &&
  value[2].length > 0 &&
  value[2].every((note) => typeof note === 'string');

export const soundingsField: Field<readonly Sounding[]> = {
  inWords: 'a list of [at, length, notes]',
  holds: (value): value is readonly Sounding[] => Array.isArray(value) && value.every(isSounding),
  optional: false,
};

const rounded = (seconds: number): number => Math.round(seconds * 1000) / 1000;

/** Moments after each other, each for so many seconds, the first at a time. */
export const inTime = (moments: readonly (readonly string[])[], seconds: number, start = 0): Sounding[] =>
  moments.map((notes, at): Sounding => [rounded(start + at * seconds), rounded(seconds), notes]);

/** The notes of what sounds, moment by moment. */
export const momentsOf = (sound: readonly Sounding[]): (readonly string[])[] =>
  sound.map(([, , notes]) => notes);

/** Below C3 nothing nearer than a fifth is clear (common practice: low interval limits). */
const CLEAR_FROM = 48;
const NEAREST_BELOW = 7;
/** Higher than C6 nothing is played. */
const HIGHEST = 84;

/** Whether notes are clear where they lie: no second, third or fourth whose lower note is under C3. */
export function isClear(notes: readonly Note[]): boolean {
  const keys = rising(notes).map(midiNumber);
  return keys.every(
    (key, at) => at === 0 || keys[at - 1]! >= CLEAR_FROM || key - keys[at - 1]! >= NEAREST_BELOW,
  );
}

/** All moments by as many octaves higher as make each of them clear; null where that lies too high. */
export function cleared(moments: readonly (readonly Note[])[]): Note[][] | null {
  for (let octaves = 0; octaves < 4; octaves++) {
    const moved = moments.map((notes) => notes.map((note) => ({ ...note, octave: note.octave + octaves })));
    if (!moved.every(isClear)) continue;
    return moved.flat().every((note) => midiNumber(note) <= HIGHEST) ? moved : null;
  }
  return null;
}

export const printed = (moments: readonly (readonly Note[])[]): string[][] =>
  moments.map((notes) => rising(notes).map(printNote));

const C4 = { step: 0, alteration: 0, octave: 4 } as const;

/** What is played before the question so that its key is in the ear; nothing where it is not asked for. */
export function beforeIn(key: Key, way: KeyGivenBy, seconds: number): Sounding[] {
  switch (way) {
    case 'none':
      return [];
    case 'tonic':
      return inTime([stackUp([key.tonic], C4).map(printNote)], 2 * seconds);
    case 'scale': {
      const scale = stackUp([...scaleOf(key, key.mode === 'minor' ? 'harmonic' : 'natural'), key.tonic], C4);
      return inTime(
        scale.map((note) => [printNote(note)]),
        seconds / 2,
      );
    }
    case 'cadence': {
      const line = chordLine(key, key.mode === 'minor' ? ['i', 'iv', 'V', 'i'] : ['I', 'IV', 'V', 'I']);
      return line ? inTime(line.chords, seconds) : [];
    }
  }
}
