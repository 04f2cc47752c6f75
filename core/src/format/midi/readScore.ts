import { keyFromSignature } from '../../key/key';
import { spellInKey } from '../../key/spellInKey';
import { atPianoKey, fromLineOfFifths, lineOfFifths, modulo, pitchClass, type Note } from '../../pitch/note';
import type { Score, ScorePart, WrittenBar, WrittenNote } from '../../score/model/score';
import { TICKS_A_QUARTER } from '../../time/length';
import { barTicks, USUAL_METRE, type Metre } from '../../time/metre';
import { counted, type Carried } from '../lineFile';
import { midiTracks, wrongMidi, type MidiTracks, type Struck } from './tracks';

/** Onsets are taken to the nearest of these parts of a quarter; what is written finer stays where it is. */
const GRIDS = [4, 6, 8, 12, 16, 24];
const MIDDLE_C = 60;

/**
 * Reads a Standard MIDI File as a score: onsets taken to the grid that they are nearest to, notes spelled by
 * signature and line, a track over both hands split at middle C. What was guessed is told. Throws TheoryError
 * `request`.
 */
export function readMidiScore(bytes: Uint8Array): Carried<Score> {
  const midi = midiTracks(bytes);
  if (midi.tracks.length === 0)
    throw wrongMidi('the file', 'it has no notes.', 'Choose a file with notes in it.');
  const remarks: string[] = [];
  const grid = gridOf(midi);
  if (!grid.exact)
    remarks.push(
      `Onsets were taken to the nearest ${grid.parts}th part of a quarter: the file was played, not written.`,
    );
  const signatures = signaturesOf(midi, grid, remarks);
  const parts: ScorePart[] = [];
  const notes: WrittenNote[] = [];
  midi.tracks.forEach((track, part) => {
    const split = hands(track.notes, midi.tracks.length);
    if (split) remarks.push(`${track.name || `Track ${part + 1}`} was split into two hands at middle C.`);
    const lowest = track.notes.reduce((sum, { key }) => sum + key, 0) / track.notes.length;
    parts.push({
      name: track.name || `Track ${part + 1}`,
      staves: split ? 2 : 1,
      clefs: split
        ? [
            { staff: 1, at: 0, clef: 'treble' },
            { staff: 2, at: 0, clef: 'bass' },
          ]
        : [{ staff: 1, at: 0, clef: lowest < MIDDLE_C - 2 ? 'bass' : 'treble' }],
      transposition: null,
    });
    const placed = track.notes.map((note) => ({ key: note.key, ...timesOf(note, midi, grid) }));
    placed.sort((a, b) => a.onset - b.onset || a.key - b.key);
    spelled(placed, signatures).forEach((note, at) => {
      const { key, onset, ticks } = placed[at]!;
      const staff = split && key < MIDDLE_C ? 2 : 1;
      notes.push({ part, staff, voice: String(staff), onset, ticks, note, kind: 'note' });
    });
  });
  remarks.push('Notes were spelled by the signature and by where they go.');
  if (midi.percussion > 0)
    remarks.push(`${counted(midi.percussion, 'note', 'notes')} of percussion stayed out.`);
  if (midi.unended > 0)
    remarks.push(
      `${counted(midi.unended, 'note has', 'notes have')} no end in the file and last to its end.`,
    );
  const { title, tempo } = midi;
  const bars = barsOf(midi, notes, grid);
  return {
    value: { title, composer: '', tempo, parts, bars, signatures, notes, symbols: [] },
    remarks,
  };
}

interface Grid {
  readonly parts: number;
  readonly exact: boolean;
}

/** The coarsest grid on which nearly all onsets lie; where none is, the one they are nearest to. */
function gridOf({ ticksAQuarter, tracks }: MidiTracks): Grid {
  const onsets = tracks.flatMap(({ notes }) => notes.map(({ on }) => on));
  const off = (parts: number) => {
    const step = ticksAQuarter / parts;
    return (
      onsets.reduce((sum, on) => sum + Math.abs(on / step - Math.round(on / step)) / parts, 0) / onsets.length
    );
  };
  // A written file is off by the rounding of its ticks at most.
  const rounding = 0.51 / ticksAQuarter;
  const exact = GRIDS.find((parts) => off(parts) <= rounding);
  if (exact) return { parts: exact, exact: true };
  const [four, six] = [off(4), off(6)];
  return { parts: six < four * 0.6 ? 6 : 4, exact: false };
}

function timesOf({ on, off }: Struck, { ticksAQuarter }: MidiTracks, { parts }: Grid) {
  const step = TICKS_A_QUARTER / parts;
  const place = (ticks: number) => Math.round((ticks / ticksAQuarter) * parts) * step;
  const onset = place(on);
  return { onset, ticks: Math.max(step, place(off) - onset) };
}

/** One track over both sides of middle C, with notes together, is a pair of hands. */
function hands(notes: readonly Struck[], tracks: number): boolean {
  if (tracks > 1) return false;
  const below = notes.filter(({ key }) => key < MIDDLE_C).length;
  return below >= notes.length / 8 && notes.length - below >= notes.length / 8;
}

function signaturesOf(midi: MidiTracks, grid: Grid, remarks: string[]): Score['signatures'] {
  const step = TICKS_A_QUARTER / grid.parts;
  const said = midi.signatures.map(({ at, fifths }) => ({
    at: Math.round((at / midi.ticksAQuarter) * grid.parts) * step,
    fifths,
  }));
  said.sort((a, b) => a.at - b.at);
  const changes = said.filter((one, at) => at === 0 || one.fifths !== said[at - 1]!.fifths);
  // Many programs write the signature of C where nobody chose one.
  const guessed = likelySignature(midi);
  if (changes.length === 0 || (changes.length === 1 && changes[0]!.fifths === 0 && guessed !== 0)) {
    const sign = guessed < 0 ? 'flat' : 'sharp';
    const said = counted(Math.abs(guessed), sign, `${sign}s`);
    remarks.push(`The signature was guessed from the notes: ${said}.`);
    return [{ at: 0, fifths: guessed }];
  }
  return changes[0]!.at === 0 ? changes : [{ ...changes[0]!, at: 0 }, ...changes.slice(1)];
}

/** The signature that leaves the fewest notes outside, by how long they last. */
function likelySignature({ tracks }: MidiTracks): number {
  const time = new Float64Array(12);
  for (const { notes } of tracks) for (const { key, on, off } of notes) time[modulo(key, 12)]! += off - on;
  let best = { fifths: 0, outside: Infinity };
  for (let fifths = -6; fifths <= 6; fifths++) {
    const inside = new Set<number>();
    for (let place = fifths - 1; place <= fifths + 5; place++)
      inside.add(pitchClass(fromLineOfFifths(place)));
    let outside = Math.abs(fifths) * 1e-6;
    for (let key = 0; key < 12; key++) if (!inside.has(key)) outside += time[key]!;
    if (outside < best.outside - 1e-9) best = { fifths, outside };
  }
  return best.fifths;
}

interface Placed {
  readonly key: number;
  readonly onset: number;
}

/** Names by the signature in force; a foreign note that goes up a half step is raised, down lowered. */
function spelled(notes: readonly Placed[], signatures: Score['signatures']): Note[] {
  return notes.map(({ key, onset }, at) => {
    const { fifths } = [...signatures].reverse().find((one) => one.at <= onset) ?? signatures[0]!;
    const usual = spellInKey(key, keyFromSignature(fifths, 'major'));
    const place = lineOfFifths(usual) - fifths;
    if (place >= -1 && place <= 5) return usual;
    // What it goes to next, within a few notes.
    const next = notes
      .slice(at + 1, at + 12)
      .find((one) => Math.abs(one.key - key) === 1 && one.onset > onset);
    const goesUp = next !== undefined && next.key > key;
    const raised = place > 5;
    if (!next || goesUp === raised) return usual;
    const other = lineOfFifths(usual) + (raised ? -12 : 12);
    return Math.abs(other - 2) > 12 ? usual : atPianoKey(fromLineOfFifths(other), key);
  });
}

function barsOf(midi: MidiTracks, notes: readonly WrittenNote[], grid: Grid): WrittenBar[] {
  const step = TICKS_A_QUARTER / grid.parts;
  const changes = midi.metres
    .map(({ at, over, under }) => ({
      at: Math.round((at / midi.ticksAQuarter) * grid.parts) * step,
      metre: { over, under },
    }))
    .sort((a, b) => a.at - b.at);
  const end = notes.reduce((last, { onset, ticks }) => Math.max(last, onset + ticks), 0);
  const [over, under] = USUAL_METRE.split('/').map(Number);
  let metre: Metre = changes[0]?.metre ?? { over: over! * 2, under: under! };
  const bars: WrittenBar[] = [];
  for (let from = 0, number = 1; from < end; number++) {
    metre = [...changes].reverse().find(({ at }) => at <= from)?.metre ?? metre;
    const next = changes.find(({ at }) => at > from)?.at ?? Infinity;
    const to = Math.min(from + barTicks(metre), next);
    bars.push({ number, label: String(number), from, to, metre });
    from = to;
  }
  return bars;
}
