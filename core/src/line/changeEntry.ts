import { invertChord, memberNote, notesFromBass, type Chord } from '../chord/chord';
import { printSymbol } from '../chord/symbolPrint';
import { intervalUp, nameAbove, nameBelow, transpose, type Interval } from '../interval/interval';
import type { Key } from '../key/key';
import { chordOfNumeral, type Numeral } from '../label/numeral';
import { printNumeral } from '../label/numeralPrint';
import { midiNumber, sameName, type Note, type NoteName } from '../pitch/note';
import { parseNote } from '../pitch/parse';
import { printNote } from '../pitch/print';
import { chordOfEntry, type Entry } from './entry';

/**
 * Puts the next member up (`by` 1) or down (−1) into the bass. Throws TheoryError for an unreadable entry.
 */
export function invertEntry(entry: Entry, key: Key, by: 1 | -1): Entry {
  const { chord, numeral, notes } = chordOfEntry(entry, key);
  const inverted = invertChord(chord, by);
  if (entry.kind === 'symbol') return { kind: 'symbol', text: printSymbol(inverted) };
  if (entry.kind === 'numeral')
    return { kind: 'numeral', text: printNumeral(invertNumeral(numeral, key, inverted), key) };
  return { kind: 'notes', notes: putInBass(notes!, inverted.bass).map(printNote) };
}

function invertNumeral(numeral: Numeral, key: Key, inverted: Chord): Numeral {
  const root = chordOfNumeral(numeral, key).root;
  const lowest = numeral.members.find((m) => sameName(memberNote(root, m), inverted.bass)) ?? numeral.lowest;
  // A cadential six-four turned over is an ordinary tonic chord again.
  return numeral.special === 'Cad' ? { ...numeral, special: null, lowest } : { ...numeral, lowest };
}

/** Moves one note of that name below all others; the old bass goes up where it would be left alone below. */
function putInBass(notes: readonly Note[], bass: NoteName): Note[] {
  const index = notes.findIndex((note) => sameName(note, bass));
  if (index < 0) return [...notes];
  const others = notes.filter((_, i) => i !== index);
  const floor = Math.min(...others.map(midiNumber));
  let moved = notes[index]!;
  if (notes.length <= 4 && index > 0 && midiNumber(notes[0]!) < 60) {
    // Keeps the register: the old bass rises by an octave and the new one stays if it is then lowest.
    const raised = others.map((note, i) => (i === 0 ? { ...note, octave: note.octave + 1 } : note));
    if (midiNumber(moved) < Math.min(...raised.map(midiNumber)))
      return [moved, ...raised].sort((a, b) => midiNumber(a) - midiNumber(b));
  }
  while (midiNumber(moved) >= floor) moved = { ...moved, octave: moved.octave - 1 };
  return [moved, ...others];
}

/** Same chords, new key: numerals become the symbols of their chords, to be read anew. */
export function rereadEntry(entry: Entry, key: Key): Entry {
  if (entry.kind !== 'numeral') return entry;
  const { chord, numeral } = chordOfEntry(entry, key);
  if (numeral.special === 'It' || numeral.special === 'Fr' || numeral.special === 'Ger')
    return notesAsEntry(chord);
  return { kind: 'symbol', text: printSymbol(chord) };
}

/** Augmented sixths are known by their notes, not by a symbol. */
function notesAsEntry(chord: Chord): Entry {
  let octave = 3;
  let last = -1;
  const notes = notesFromBass(chord).map((name) => {
    if (name.step < last) octave++;
    last = name.step;
    return printNote({ ...name, octave });
  });
  return { kind: 'notes', notes };
}

/**
 * Same numerals, new key: symbols and notes move by the interval between the tonics, the shorter way unless
 * told.
 */
export function transposeEntry(entry: Entry, from: Key, to: Key, way: MoveDirection = 'nearest'): Entry {
  if (entry.kind === 'sought' || entry.kind === 'rest') return entry;
  if (entry.kind === 'numeral') {
    const { numeral } = chordOfEntry(entry, from);
    return { kind: 'numeral', text: printNumeral(numeral, to) };
  }
  const { up, interval } = moveOf(from.tonic, to.tonic, way);
  const move = (name: NoteName) => (up ? nameAbove(name, interval) : nameBelow(name, interval));
  if (entry.kind === 'symbol') {
    const { chord } = chordOfEntry(entry, from);
    return {
      kind: 'symbol',
      text: printSymbol({ root: move(chord.root), members: chord.members, bass: move(chord.bass) }),
    };
  }
  return {
    kind: 'notes',
    notes: entry.notes.map((note) => printNote(transpose(parseNote(note), interval, !up))),
  };
}

/** Which way notes go to another tonic. */
export type MoveDirection = 'up' | 'down' | 'nearest';

/** The interval between two tonics; the nearest way is up to a fourth up, else down. */
export function moveOf(
  from: NoteName,
  to: NoteName,
  way: MoveDirection,
): { up: boolean; interval: Interval } {
  const up = intervalUp(from, to);
  const goesUp = way === 'nearest' ? up.number <= 4 : way === 'up';
  return goesUp ? { up: true, interval: up } : { up: false, interval: intervalUp(to, from) };
}
