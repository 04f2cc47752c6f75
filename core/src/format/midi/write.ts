import { writeMidi, type MidiData, type MidiEvent } from 'midi-file';
import { signatureFifths } from '../../key';
import { attempt } from '../../errors';
import { midiNumber, type Note } from '../../pitch';
import { readEntry, settingsOf } from '../../progression';
import { entriesInOneKey, QUARTERS_A_CHORD, type Carried, type LineFile } from '../lineFile';

const TICKS_A_QUARTER = 480;
const VELOCITY = 80;
const MICROSECONDS_A_MINUTE = 60_000_000;

/**
 * Writes a progression as a Standard MIDI File, format 1: tempo, metre and
 * signature in the first track, the notes in the others, one for each hand or
 * voice. `voices` are the notes of each chord by voice, where a setting was
 * found; without them the plain keyboard setting is written. A chord that
 * cannot be read is a rest, told in the remarks.
 */
export function writeMidiFile(file: LineFile, voices?: readonly (readonly (readonly Note[])[])[]): Carried<Uint8Array> {
  const { value: entries, remarks } = entriesInOneKey(file);
  const readable = entries.map((entry) => attempt(() => readEntry(entry, file.key)).ok);
  const settings = settingsOf(
    entries.filter((_, at) => readable[at]),
    file.key,
  );
  let next = 0;
  const hands = voices ?? entries.map((_, at) => (readable[at] ? (({ upper, lower }) => [upper, lower])(settings[next++]!) : [[], []]));
  const unread = readable.flatMap((ok, at) => (ok ? [] : [`Chord ${at + 1} cannot be read and is a rest.`]));
  const parts = Math.max(1, ...hands.map((hand) => hand.length));
  const data: MidiData = {
    header: { format: 1, numTracks: parts + 1, ticksPerBeat: TICKS_A_QUARTER },
    tracks: [
      conductor(file),
      ...Array.from({ length: parts }, (_, part) =>
        track(
          hands.map((hand) => hand[part] ?? []),
          part,
        ),
      ),
    ],
  };
  return { value: Uint8Array.from(writeMidi(data)), remarks: [...remarks, ...unread] };
}

function conductor({ title, tempo, key }: LineFile): MidiEvent[] {
  return [
    { deltaTime: 0, meta: true, type: 'trackName', text: title },
    { deltaTime: 0, meta: true, type: 'setTempo', microsecondsPerBeat: Math.round(MICROSECONDS_A_MINUTE / tempo) },
    { deltaTime: 0, meta: true, type: 'timeSignature', numerator: 2, denominator: 4, metronome: 24, thirtyseconds: 8 },
    { deltaTime: 0, meta: true, type: 'keySignature', key: Math.max(-7, Math.min(7, signatureFifths(key))), scale: key.mode === 'major' ? 0 : 1 },
    { deltaTime: 0, meta: true, type: 'endOfTrack' },
  ];
}

function track(chords: readonly (readonly Note[])[], channel: number): MidiEvent[] {
  const events: MidiEvent[] = [];
  const length = TICKS_A_QUARTER * QUARTERS_A_CHORD;
  let waiting = 0;
  for (const notes of chords) {
    if (notes.length === 0) {
      waiting += length;
      continue;
    }
    notes.forEach((note, at) =>
      events.push({ deltaTime: at === 0 ? waiting : 0, type: 'noteOn', channel, noteNumber: midiNumber(note), velocity: VELOCITY }),
    );
    notes.forEach((note, at) =>
      events.push({ deltaTime: at === 0 ? length : 0, type: 'noteOff', channel, noteNumber: midiNumber(note), velocity: 0 }),
    );
    waiting = 0;
  }
  return [...events, { deltaTime: waiting, meta: true, type: 'endOfTrack' }];
}
