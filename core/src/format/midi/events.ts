import type { MidiEvent } from 'midi-file';
import { midiNumber, type Note } from '../../pitch/note';
import { TICKS_A_QUARTER } from '../../time/length';
import type { Metre } from '../../time/metre';

export const MIDI_TICKS_A_QUARTER = 480;
const VELOCITY = 80;
const MICROSECONDS_A_MINUTE = 60_000_000;
const MOST_FIFTHS = 7;

/** An event at its own time; the file has the times between. */
export type TimedEvent = MidiEvent & { readonly at: number };

export function midiTicks(ticks: number): number {
  return Math.round((ticks * MIDI_TICKS_A_QUARTER) / TICKS_A_QUARTER);
}

export function timeSignature({ over, under }: Metre, at: number): TimedEvent {
  return {
    at,
    deltaTime: 0,
    meta: true,
    type: 'timeSignature',
    numerator: over,
    denominator: under,
    metronome: 24,
    thirtyseconds: 8,
  };
}

export function tempo(quartersAMinute: number): TimedEvent {
  const microsecondsPerBeat = Math.round(MICROSECONDS_A_MINUTE / quartersAMinute);
  return { at: 0, deltaTime: 0, meta: true, type: 'setTempo', microsecondsPerBeat };
}

/** A signature of so many sharps (positive) or flats. */
export function keySignature(fifths: number, isMinor: boolean, at: number): TimedEvent {
  const key = Math.max(-MOST_FIFTHS, Math.min(MOST_FIFTHS, fifths));
  return { at, deltaTime: 0, meta: true, type: 'keySignature', key, scale: isMinor ? 1 : 0 };
}

export function noteOn(note: Note, channel: number, at: number): TimedEvent {
  return { at, deltaTime: 0, type: 'noteOn', channel, noteNumber: midiNumber(note), velocity: VELOCITY };
}

export function noteOff(note: Note, channel: number, at: number): TimedEvent {
  return { at, deltaTime: 0, type: 'noteOff', channel, noteNumber: midiNumber(note), velocity: 0 };
}

/** The events of a track, in order, with the times between them. */
export function spaced(events: readonly TimedEvent[]): MidiEvent[] {
  let now = 0;
  const track = events.map(({ at, ...event }): MidiEvent => {
    const deltaTime = at - now;
    now = at;
    return { ...event, deltaTime } as MidiEvent;
  });
  return [...track, { deltaTime: 0, meta: true, type: 'endOfTrack' }];
}
