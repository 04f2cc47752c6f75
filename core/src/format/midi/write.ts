import { writeMidi, type MidiData } from 'midi-file';
import { signatureFifths, type Key } from '../../key/key';
import { midiNumber, type Note } from '../../pitch/note';
import { printNote } from '../../pitch/print';
import { melodySpans } from '../../line/melodyNotes';
import { parseMetre, type Metre } from '../../time/metre';
import { playedOrder } from '../../time/bars';
import { parseLength, TICKS_A_QUARTER } from '../../time/length';
import { counted, type Carried, type FileVoices, type LineFile } from '../lineFile';
import { timedLine, type TimedColumn } from '../timedLine';
import {
  keySignature,
  midiTicks,
  MIDI_TICKS_A_QUARTER,
  noteOff,
  noteOn,
  spaced,
  tempo,
  timeSignature,
  type TimedEvent,
} from './events';

/** Notes that sound together, in ticks from the beginning of their column. */
interface Sounded {
  readonly notes: readonly Note[];
  readonly from: number;
  readonly to: number;
}

const whole = (notes: readonly Note[], to: number): Sounded => ({ notes, from: 0, to });

/** A column as it is played: its turn in the line, and when. */
interface Played {
  readonly column: TimedColumn;
  readonly from: number;
  readonly to: number;
}

/**
 * Writes a line as a Standard MIDI File, format 1: tempo, metre, keys and words
 * in the first track, the notes in the others, one for the melody and one for
 * each voice or hand. Repeats are played out. A chord that cannot be read is a
 * rest, told in the remarks.
 */
export function writeMidiFile(file: LineFile, voices?: FileVoices): Carried<Uint8Array> {
  const { columns, remarks } = timedLine(file, voices);
  const played = playOut(file, columns);
  const repeats = file.columns.filter(({ repeatEnd }) => repeatEnd).length;
  const said = repeats > 0 ? [`${counted(repeats, 'repeat was', 'repeats were')} played out.`] : [];
  const inVoices = columns.length > 0 && columns.every((column) => column.voices !== null);
  const streams: ((column: TimedColumn) => readonly Sounded[])[] = inVoices
    ? [0, 1, 2, 3].map((voice) => ({ voices: four, place }) => [
        whole([four![voice as 0 | 1 | 2 | 3]], place.ticks),
      ])
    : [
        ({ setting, place }) => [whole(setting?.upper ?? [], place.ticks)],
        ({ setting, place }) => [whole(setting?.lower ?? [], place.ticks)],
      ];
  const melody = ({ at, place }: TimedColumn) =>
    melodySpans(file.columns[at]!.melody ?? [], place.ticks).map(({ note, from, to }) => ({
      notes: [note],
      from,
      to,
    }));
  if (file.columns.some((column) => column.melody && column.melody.length > 0)) streams.unshift(melody);
  const data: MidiData = {
    header: { format: 1, numTracks: streams.length + 1, ticksPerBeat: MIDI_TICKS_A_QUARTER },
    tracks: [
      spaced(conductor(file, played)),
      ...streams.map((stream, channel) => spaced(notesOf(played, stream, channel))),
    ],
  };
  return { value: Uint8Array.from(writeMidi(data)), remarks: [...remarks, ...said] };
}

function playOut(file: LineFile, columns: readonly TimedColumn[]): Played[] {
  let ticks = 0;
  return playedOrder(file.columns).map((at) => {
    const column = columns[at]!;
    const from = ticks;
    ticks += column.place.ticks;
    return { column, from: midiTicks(from), to: midiTicks(ticks) };
  });
}

const signatureOf = (key: Key, at: number): TimedEvent =>
  keySignature(signatureFifths(key), key.mode !== 'major', at);

function conductor(file: LineFile, played: readonly Played[]): TimedEvent[] {
  const first = played[0]?.column.key ?? file.key;
  const changes = played.flatMap(({ column, from }, index) => {
    const before = played[index - 1]?.column.key;
    return before && before !== column.key ? [signatureOf(column.key, from)] : [];
  });
  const words = played.flatMap(({ column, from }): TimedEvent[] => {
    const text = file.columns[column.at]!.words;
    return text ? [{ at: from, deltaTime: 0, meta: true, type: 'lyrics', text }] : [];
  });
  return [
    { at: 0, deltaTime: 0, meta: true, type: 'trackName', text: file.title },
    tempo(file.tempo),
    signatureOf(first, 0),
    ...[...metresOf(file, played), ...changes, ...words].sort((a, b) => a.at - b.at),
  ];
}

/**
 * The metres as they are played. An upbeat is a short bar of its own, so that readers put the barlines where
 * they are.
 */
function metresOf(file: LineFile, played: readonly Played[]): TimedEvent[] {
  const metre = parseMetre(file.metre);
  const upbeat = file.upbeat === '0' ? 0 : parseLength(file.upbeat);
  const begin = upbeat === 0 ? [timeSignature(metre, 0)] : [timeSignature(shortBar(upbeat, metre), 0)];
  const full = upbeat === 0 ? [] : [timeSignature(metre, midiTicks(upbeat))];
  const changed = played.flatMap(({ column, from }) => {
    const said = file.columns[column.at]!.metre;
    return said === undefined || from === 0 ? [] : [timeSignature(parseMetre(said), from)];
  });
  return [...begin, ...full, ...changed];
}

/** A bar of the length of an upbeat, in the beats of its metre or, where they do not fit, in sixteenths. */
function shortBar(ticks: number, { under }: Metre): Metre {
  const fitting = [under, 8, 16].find((one) => Number.isInteger((ticks * one) / (4 * TICKS_A_QUARTER))) ?? 16;
  return { over: Math.max(1, Math.round((ticks * fitting) / (4 * TICKS_A_QUARTER))), under: fitting };
}

/**
 * The notes of each column; those that begin or end together in the order in which they stand. What is held
 * into the next column is neither ended nor struck again there.
 */
function notesOf(
  played: readonly Played[],
  stream: (column: TimedColumn) => readonly Sounded[],
  channel: number,
): TimedEvent[] {
  const isHeld = (index: number, note: Note) => {
    const [before, own] = [played[index - 1], played[index]];
    if (!before || !own || own.column.at !== before.column.at + 1) return false;
    const has = ({ column }: Played) =>
      stream(column).some(
        ({ notes, from, to }) =>
          from === 0 &&
          to === column.place.ticks &&
          notes.some((other) => midiNumber(other) === midiNumber(note)),
      );
    return own.column.held.has(printNote(note)) && has(before) && has(own);
  };
  return played.flatMap(({ column, from, to }, index) => {
    return stream(column).flatMap(({ notes, from: start, to: end }): TimedEvent[] => {
      const on = from + Math.round(((to - from) * start) / column.place.ticks);
      const off = from + Math.round(((to - from) * end) / column.place.ticks);
      return [
        ...notes.filter((note) => !isHeld(index, note)).map((note) => noteOn(note, channel, on)),
        ...notes.filter((note) => !isHeld(index + 1, note)).map((note) => noteOff(note, channel, off)),
      ];
    });
  });
}
