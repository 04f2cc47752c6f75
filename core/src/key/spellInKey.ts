import {
  atPianoKey,
  fromLineOfFifths,
  lineOfFifths,
  midiNumber,
  modulo,
  pitchClass,
  type Note,
  type NoteName,
} from '../pitch/note';
import type { Key } from './key';

/**
 * From the tonic on the line of fifths: five places below lies the lowered second, six above the raised
 * fourth.
 */
const LOWEST = -5;
const PLACES = 12;
/** The line of fifths from F double flat to B double sharp: two accidentals at most. */
const FLATTEST = -15;
const SHARPEST = 19;
/** The middle of the line: names near it have the fewest accidentals. */
const D = 2;

/**
 * Spells a key of the keyboard in a key: notes of the scale as the signature
 * has them, the others as they most often come, from the lowered second to the
 * raised fourth above the tonic; in minor that holds the raised sixth and
 * seventh (common practice). `midi` is 0–127, C4 = 60.
 */
export function spellInKey(midi: number, key: Key): Note {
  const lowest = lineOfFifths(key.tonic) + LOWEST;
  let name: NoteName = key.tonic;
  for (let place = lowest; place < lowest + PLACES; place++) {
    // Round the far ends the nearer of two names is taken, so that every key has one.
    const near = place > SHARPEST ? place - PLACES : place < FLATTEST ? place + PLACES : place;
    const candidate = fromLineOfFifths(near);
    if (pitchClass(candidate) === modulo(midi, 12)) name = candidate;
  }
  return atPianoKey(name, midi);
}

/**
 * The same key of the keyboard under its next other name, with at most two accidentals; the note itself where
 * there is none.
 */
export function otherSpelling(note: Note): Note {
  const own = lineOfFifths(note);
  const places = [own + 12, own - 12, own + 24, own - 24].filter(
    (place) => place >= FLATTEST && place <= SHARPEST,
  );
  return places.length === 0
    ? note
    : atPianoKey(
        fromLineOfFifths(places.sort((a, b) => Math.abs(a - D) - Math.abs(b - D))[0]!),
        midiNumber(note),
      );
}
