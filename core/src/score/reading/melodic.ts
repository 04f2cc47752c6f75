import { midiNumber, staffPosition, type Note } from '../../pitch/note';
import type { ScoreNote } from '../model/scoreNote';

/** How a note outside the chord is explained by what comes before and after it in its voice. */
export type NonChordKind =
  | 'passing'
  | 'neighbour'
  | 'incomplete-neighbour'
  | 'double-neighbour'
  | 'suspension'
  | 'retardation'
  | 'anticipation'
  | 'appoggiatura'
  | 'escape'
  | 'cambiata'
  | 'pedal'
  | 'free';

/** The notes before and after each note in its voice, as places in the list; −1 for none. */
export interface Neighbours {
  readonly before: Int32Array;
  readonly after: Int32Array;
}

/** A voice that pauses longer than that, in ticks of the shorter note beside it, goes on anew. */
const LONGEST_PAUSE = 2 * 10_080;

/** The places of the notes of every voice. */
export function notesByVoice(notes: readonly ScoreNote[]): Iterable<number[]> {
  const voices = new Map<string, number[]>();
  notes.forEach(({ voice }, at) => {
    const own = voices.get(voice);
    if (own) own.push(at);
    else voices.set(voice, [at]);
  });
  return voices.values();
}

/**
 * Who follows whom: in a voice of single notes the next one, in a voice of chords the nearest note of the next.
 * Costs notes × the notes of a chord.
 */
export function neighboursOf(notes: readonly ScoreNote[]): Neighbours {
  const before = new Int32Array(notes.length).fill(-1);
  const after = new Int32Array(notes.length).fill(-1);
  for (const voice of notesByVoice(notes)) {
    voice.sort((a, b) => notes[a]!.onset - notes[b]!.onset);
    let last: number[] = [];
    for (let at = 0; at < voice.length;) {
      const onset = notes[voice[at]!]!.onset;
      const now: number[] = [];
      while (at < voice.length && notes[voice[at]!]!.onset === onset) now.push(voice[at++]!);
      for (const one of now) {
        const from = nearest(notes, one, last, onset);
        if (from >= 0) before[one] = from;
      }
      for (const one of last) if (after[one] === -1) after[one] = nearest(notes, one, now, onset);
      last = now;
    }
  }
  return { before, after };
}

function nearest(notes: readonly ScoreNote[], one: number, others: readonly number[], onset: number): number {
  let best = -1;
  let least = Infinity;
  for (const other of others) {
    const [first, second] = notes[one]!.onset < onset ? [one, other] : [other, one];
    if (notes[second]!.onset - notes[first]!.end > LONGEST_PAUSE) continue;
    const far = Math.abs(staffPosition(notes[one]!.note) - staffPosition(notes[other]!.note));
    if (far < least) [best, least] = [other, far];
  }
  return best;
}

/** A step: to the next letter, or to another accidental of the same. 1 up, −1 down, 0 for no step. */
export function stepFrom(from: Note, to: Note): -1 | 0 | 1 {
  const letters = staffPosition(to) - staffPosition(from);
  const halfSteps = midiNumber(to) - midiNumber(from);
  if (Math.abs(letters) > 1 || halfSteps === 0 || Math.abs(halfSteps) > 3) return 0;
  return halfSteps > 0 ? 1 : -1;
}

/**
 * What a note would be if it were outside its chord, from a time on: what is held or struck again and then
 * steps is a suspension or a retardation, what steps on a passing note, and so on (common practice). What
 * leaps in and out is free.
 */
export function nonChordKind(
  notes: readonly ScoreNote[],
  { before, after }: Neighbours,
  at: number,
  from: number,
): NonChordKind {
  const { note, onset, end } = notes[at]!;
  const prior = before[at]! < 0 ? null : notes[before[at]!]!.note;
  const next = after[at]! < 0 ? null : notes[after[at]!]!;
  const out = next ? stepFrom(note, next.note) : 0;
  const same = prior !== null && midiNumber(prior) === midiNumber(note);
  const held = onset < from || same;
  if (held && out === -1) return 'suspension';
  if (held && out === 1) return 'retardation';
  if (next && midiNumber(next.note) === midiNumber(note))
    return prior && end - onset <= next.end - next.onset ? 'anticipation' : 'pedal';
  const into = prior ? stepFrom(prior, note) : 0;
  if (into !== 0 && out !== 0) return into === out ? 'passing' : 'neighbour';
  if (into === 0 && out !== 0) return isDoubleSecond(notes, before, at) ? 'double-neighbour' : 'appoggiatura';
  if (into !== 0 && next) {
    const leap = staffPosition(next.note) - staffPosition(note);
    // To the other side of the note that both turn about, and back to it.
    if (Math.abs(leap) === 2 && Math.sign(leap) !== into) {
      const last = after[after[at]!]! < 0 ? null : notes[after[after[at]!]!]!.note;
      if (last && prior && midiNumber(last) === midiNumber(prior)) return 'double-neighbour';
    }
    if (Math.abs(leap) === 2 && Math.sign(leap) === into) return 'cambiata';
    return 'escape';
  }
  return onset < from ? 'pedal' : 'free';
}

/** The second of two notes that turn about the note before them and after. */
function isDoubleSecond(notes: readonly ScoreNote[], before: Int32Array, at: number): boolean {
  const first = before[at]!;
  const start = first < 0 ? -1 : before[first]!;
  if (start < 0) return false;
  const [origin, upper, now] = [notes[start]!.note, notes[first]!.note, notes[at]!.note];
  return stepFrom(origin, upper) !== 0 && stepFrom(origin, now) === -stepFrom(origin, upper);
}
