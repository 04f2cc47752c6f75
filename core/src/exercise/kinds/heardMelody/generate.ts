import type { Key } from '../../../key/key';
import { scaleOf } from '../../../key/scale';
import { midiNumber, sameName, staffPosition, stackUp, type Note } from '../../../pitch/note';
import { printNote } from '../../../pitch/print';
import type { Dice } from '../../generating/dice';
import type { Material } from '../../generating/material';
import { rollTaughtLine } from '../../generating/rollLine';
import { notesIn } from '../../givenReading';
import { beatOf, heardLine } from '../../heard/heardQuestion';
import { momentsOf, type Sounding } from '../../heard/timedSound';
import type { HeardMelodyGiven } from './given';

const FEWEST = 4;
const MOST = 12;
const MOST_CHORDS = 7;

/** The note of the scale between two that are a third apart; null for others. */
function between(key: Key, from: Note, to: Note): Note | null {
  if (Math.abs(staffPosition(from) - staffPosition(to)) !== 2) return null;
  const [low, high] = midiNumber(from) < midiNumber(to) ? [from, to] : [to, from];
  const scale = scaleOf(key);
  const ladder = stackUp([...scale, ...scale], { ...scale[0]!, octave: low.octave - 1 });
  return (
    ladder.find((note) => midiNumber(note) > midiNumber(low) && midiNumber(note) < midiNumber(high)) ?? null
  );
}

/**
 * A melody of so many notes: the highest voice of a line that was taught, and between its thirds what passes. Each
 * chord is held under its notes.
 */
export function generateHeardMelody(dice: Dice, material: Material): HeardMelodyGiven | null {
  const count = Math.min(MOST, Math.max(FEWEST, material.length));
  const chords = Math.max(2, Math.min(MOST_CHORDS, Math.ceil((count + 1) / 2)));
  const rolled = rollTaughtLine(dice, { ...material, length: chords });
  const heard = rolled && heardLine(rolled.key, rolled.line, material);
  if (!heard) return null;
  const moments = momentsOf(heard.sound).map(notesIn);
  const tops = moments.map((notes) => notes[notes.length - 1]!);
  let missing = count - tops.length;
  const melody = tops.map((top, at): Note[] => {
    const next = tops[at + 1];
    if (missing <= 0 || !next) return [top];
    // A chord note more where no passing note fits: the one under the top.
    const inner = moments[at]![moments[at]!.length - 2]!;
    const more = between(rolled.key, top, next) ?? (sameName(inner, next) ? null : inner);
    if (!more) return [top];
    missing--;
    return [top, more];
  });
  if (melody.flat().length < FEWEST) return null;
  const beat = beatOf(material);
  const sound: Sounding[] = [];
  melody.forEach((notes, at) => {
    const start = 2 * beat * at;
    sound.push([start, 2 * beat, moments[at]!.slice(0, -1).map(printNote)]);
    const each = (2 * beat) / notes.length;
    notes.forEach((note, place) => sound.push([start + place * each, each, [printNote(note)]]));
  });
  const rounded = (seconds: number) => Math.round(seconds * 1000) / 1000;
  return {
    ...heard,
    numerals: rolled.line,
    sound: sound.map(([at, length, notes]): Sounding => [rounded(at), rounded(length), notes]),
  };
}
