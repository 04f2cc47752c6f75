import { TheoryError } from '../../errors';
import { parseNoteIn } from '../../pitch/letters';
import type { LetterSystem } from '../../pitch/print';
import { midiNumber } from '../../pitch/note';
import { parseLength, TICKS_A_QUARTER } from '../../time/length';
import { barTicks, type Metre } from '../../time/metre';
import { barsAfter } from './upbeat';
import type { ClefName, Score, WrittenBar, WrittenNote } from './score';

/** What holds for a typed piece as a whole. */
export interface TypedPiece {
  readonly title: string;
  readonly fifths: number;
  readonly metre: Metre;
  readonly letters?: LetterSystem;
}

const NAMES: Record<string, string> = { S: 'Soprano', A: 'Alto', T: 'Tenor', B: 'Bass' };
const MIDDLE_C = 60;
const MOST_NOTES = 5000;

/**
 * A piece as it is typed, a line a voice: `S: | G4 A4:1/2 B4:1/2 | C5:2 |`. A note lasts a quarter unless its
 * length is said after a colon; `r` is a rest, `(C4 E4)` a chord, `^` after a note a fermata, `_` a tie. A first
 * bar that is shorter is an upbeat. Throws TheoryError `entry` naming the voice, and the bar that does not fit.
 */
export function parseTypedVoices(text: string, piece: TypedPiece): Score {
  const lines = text
    .split(/\n|;/)
    .map((line) => line.trim())
    .filter((line) => line !== '');
  if (lines.length === 0)
    throw wrong('nothing', 'there is no voice.', 'Write a line a voice: S: | G4 A4:1/2 B4:1/2 | C5:2 |');
  const voices = lines.map((line, part) => readVoice(line, part, piece));
  const notes = voices.flatMap((voice) => voice.notes);
  if (notes.length > MOST_NOTES)
    throw wrong(`${notes.length} notes`, `at most ${MOST_NOTES} are typed.`, 'Open a file instead.');
  const whole = barTicks(piece.metre);
  const upbeat = voices[0]!.bars[0] !== undefined && voices[0]!.bars[0] < whole ? voices[0]!.bars[0] : 0;
  for (const voice of voices) checkBars(voice, upbeat, whole);
  const end = Math.max(...voices.map(({ length }) => length));
  const bars = barsAfter(upbeat, piece.metre, end).map((bar): WrittenBar => ({
    ...bar,
    to: Math.min(bar.to, end),
    label: String(bar.number),
  }));
  return {
    title: piece.title,
    composer: '',
    tempo: null,
    parts: voices.map(({ name, notes: own }) => ({
      name,
      staves: 1,
      clefs: [{ staff: 1, at: 0, clef: clefOf(own) }],
      transposition: null,
    })),
    bars,
    signatures: [{ at: 0, fifths: piece.fifths }],
    notes,
    symbols: [],
  };
}

interface Voice {
  readonly name: string;
  readonly notes: readonly WrittenNote[];
  readonly length: number;
  /** Ticks between the barlines that were typed. */
  readonly bars: readonly number[];
  /** Whether any barline was typed. */
  readonly barred: boolean;
}

function readVoice(line: string, part: number, { letters = 'english' }: TypedPiece): Voice {
  const named = /^([\p{L}][\p{L}\d ]{0,30}):\s/u.exec(line);
  const name = named ? (NAMES[named[1]!] ?? named[1]!) : `Voice ${part + 1}`;
  const body = named ? line.slice(named[0].length) : line;
  const notes: WrittenNote[] = [];
  const bars: number[] = [];
  let [onset, barStart] = [0, 0];
  let tied = false;
  for (const piece of body.match(/\||\([^)]*\)[^\s|]*|[^\s|]+/g) ?? []) {
    if (piece === '|') {
      if (onset > barStart) bars.push(onset - barStart);
      barStart = onset;
      continue;
    }
    const match = /^(\([^)]*\)|[^:^_]+)(?::([\d/]+))?(\^)?(_)?$/.exec(piece);
    if (!match)
      throw wrong(piece, `this is not a note of ${name}.`, 'Write C5, C5:1/2, r:2, (C4 E4):2, C5:2^ or C5_.');
    const ticks = match[2] === undefined ? TICKS_A_QUARTER : parseLength(match[2]);
    const said = match[1]!;
    const names = said === 'r' ? [null] : said.replace(/[()]/g, '').trim().split(/\s+/);
    for (const one of names)
      notes.push({
        part,
        staff: 1,
        voice: '1',
        onset,
        ticks,
        note: one === null ? null : parseNoteIn(one, letters),
        kind: one === null ? 'rest' : 'note',
        ...(match[3] ? { fermata: true as const } : {}),
        ...(match[4] ? { tieStart: true as const } : {}),
        ...(tied && one !== null ? { tieEnd: true as const } : {}),
      });
    tied = match[4] !== undefined;
    onset += ticks;
  }
  if (notes.length === 0) throw wrong(line, `${name} has no notes.`, 'Write for example S: C5 D5 E5:2.');
  const barred = body.includes('|');
  if (barred && onset > barStart) bars.push(onset - barStart);
  return { name, notes, length: onset, bars, barred };
}

/** Bars that were typed are as long as the metre, but an upbeat and a last one. */
function checkBars({ name, bars, barred }: Voice, upbeat: number, whole: number): void {
  if (!barred) return;
  bars.forEach((ticks, at) => {
    const asked = at === 0 && upbeat > 0 ? upbeat : whole;
    const last = at === bars.length - 1 && at > 0 && ticks <= whole;
    if (ticks === asked || last) return;
    throw wrong(
      `${name}, bar ${at + (upbeat > 0 ? 0 : 1)}`,
      asked === whole
        ? `it lasts ${quarters(ticks)} quarters, and its metre asks for ${quarters(whole)}.`
        : `it lasts ${quarters(ticks)} quarters, and the upbeat of the first voice ${quarters(upbeat)}.`,
      'Mend the lengths, or move the barline.',
    );
  });
}

function quarters(ticks: number): number {
  return Math.round((ticks / TICKS_A_QUARTER) * 100) / 100;
}

function clefOf(notes: readonly WrittenNote[]): ClefName {
  const pitches = notes.flatMap(({ note }) => (note ? [midiNumber(note)] : []));
  const mean = pitches.reduce((sum, pitch) => sum + pitch, 0) / Math.max(1, pitches.length);
  return mean < MIDDLE_C - 1 ? 'bass' : 'treble';
}

function wrong(read: string, what: string, right: string): TheoryError {
  return new TheoryError('entry', read, what, right);
}
