import { LIMITS } from '../../limits';
import { parseMidi } from 'midi-file';
import { TheoryError } from '../../errors';

/** A note as it was struck: key of the keyboard, and times in quarters of a whole number of ticks. */
export interface Struck {
  readonly key: number;
  readonly on: number;
  off: number;
}

/** What a Standard MIDI File holds; times in its own ticks. */
export interface MidiTracks {
  readonly ticksAQuarter: number;
  readonly title: string;
  readonly tempo: number | null;
  readonly metres: readonly { readonly at: number; readonly over: number; readonly under: number }[];
  readonly signatures: readonly { readonly at: number; readonly fifths: number }[];
  readonly tracks: readonly { readonly name: string; readonly notes: readonly Struck[] }[];
  readonly percussion: number;
  readonly unended: number;
}

const PERCUSSION = 9;
/** Bytes of the header chunk. */
const HEADER = 14;

export function wrongMidi(read: string, what: string, right: string): TheoryError {
  return new TheoryError('request', read, what, right);
}

/** The notes of a file by track and channel. Throws TheoryError `request` for what is no Standard MIDI File. */
export function midiTracks(bytes: Uint8Array): MidiTracks {
  if (bytes.length > LIMITS.midiFile)
    throw wrongMidi('the file', 'it is larger than 20 MB.', 'Read a part of it.');
  const head = String.fromCharCode(...bytes.subarray(0, 4));
  if (head !== 'MThd')
    throw wrongMidi(
      head.replace(/[^ -~]/g, '?'),
      'this is no Standard MIDI File: it does not begin with MThd.',
      'Export it again as a Standard MIDI File (.mid).',
    );
  if (bytes.length < HEADER)
    throw wrongMidi(
      'the file',
      'it ends within its header.',
      'Export it again as a Standard MIDI File (.mid).',
    );
  let parsed;
  try {
    parsed = parseMidi(bytes);
  } catch (error) {
    throw wrongMidi(
      'the file',
      `its tracks cannot be read: ${(error as Error).message || String(error)}.`,
      'Export it again as a Standard MIDI File (.mid).',
    );
  }
  const ticksAQuarter = parsed.header.ticksPerBeat;
  if (!ticksAQuarter || ticksAQuarter < 1)
    throw wrongMidi(
      'its header',
      'its times are in film frames, not in beats.',
      'Export it with its times in ticks of a quarter note.',
    );
  const found = {
    metres: [] as MidiTracks['metres'][number][],
    signatures: [] as { at: number; fifths: number }[],
  };
  const tracks: { name: string; notes: Struck[] }[] = [];
  let title = '';
  let tempo: number | null = null;
  let [percussion, unended, count] = [0, 0, 0];
  for (const events of parsed.tracks) {
    const channels = new Map<number, Struck[]>();
    const sounding = new Map<string, Struck[]>();
    let [at, name] = [0, ''];
    for (const event of events) {
      at += event.deltaTime;
      switch (event.type) {
        case 'trackName':
          name ||= event.text.slice(0, 200).trim();
          break;
        case 'setTempo':
          if (event.microsecondsPerBeat > 0) tempo ??= Math.round(60_000_000 / event.microsecondsPerBeat);
          break;
        case 'timeSignature':
          if (event.numerator > 0 && event.numerator < 100)
            found.metres.push({ at, over: event.numerator, under: event.denominator });
          break;
        case 'keySignature':
          if (Math.abs(event.key) <= 7) found.signatures.push({ at, fifths: event.key });
          break;
        case 'noteOn':
        case 'noteOff': {
          const place = `${event.channel} ${event.noteNumber}`;
          const open = sounding.get(place) ?? [];
          if (event.type === 'noteOff' || event.velocity === 0) {
            const first = open.shift();
            if (first) first.off = at;
            break;
          }
          if (event.channel === PERCUSSION) {
            percussion++;
            break;
          }
          if (++count > LIMITS.scoreNotes)
            throw wrongMidi('the file', `it has more than ${LIMITS.scoreNotes} notes.`, 'Read a part of it.');
          const note = { key: event.noteNumber, on: at, off: -1 };
          sounding.set(place, [...open, note]);
          const own = channels.get(event.channel);
          if (own) own.push(note);
          else channels.set(event.channel, [note]);
          break;
        }
      }
    }
    for (const open of sounding.values())
      for (const note of open) {
        note.off = at > note.on ? at : note.on + ticksAQuarter;
        unended++;
      }
    if (channels.size === 0) title ||= name;
    for (const notes of channels.values()) tracks.push({ name, notes });
  }
  return { ticksAQuarter, title, tempo, ...found, tracks, percussion, unended };
}
