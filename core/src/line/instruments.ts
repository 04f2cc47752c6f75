import { transposeChord, type Chord } from '../chord/chord';
import { nameAbove, transpose, type Interval } from '../interval/interval';
import { keyOf, type Key } from '../key/key';
import type { Note, NoteName } from '../pitch/note';

/** A transposing part: `written` is how far its notes are written above the sound, within the octave. */
export interface Instrument {
  readonly id: 'concert' | 'Bb' | 'Eb' | 'F';
  readonly written: Interval;
}

/**
 * Concert pitch and the B♭, E♭ and F parts: written a major second, a major sixth and a perfect fifth up
 * (common practice).
 */
export const INSTRUMENTS: readonly Instrument[] = [
  { id: 'concert', written: { number: 1, deviation: 0 } },
  { id: 'Bb', written: { number: 2, deviation: 0 } },
  { id: 'Eb', written: { number: 6, deviation: 0 } },
  { id: 'F', written: { number: 5, deviation: 0 } },
];

export function writtenName(name: NoteName, instrument: Instrument): NoteName {
  return nameAbove(name, instrument.written);
}

/** The chord as the part has it written. Throws TheoryError past a triple alteration. */
export function writtenChord(chord: Chord, instrument: Instrument): Chord {
  return transposeChord(chord, (name) => writtenName(name, instrument));
}

/** The key as the part has it written. */
export function writtenKey(key: Key, instrument: Instrument): Key {
  return keyOf(writtenName(key.tonic, instrument), key.mode);
}

export function noteForInstrument(note: Note, instrument: Instrument): Note {
  return transpose(note, instrument.written);
}
