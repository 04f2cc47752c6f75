import type { Key } from '../key/key';
import { degreeOf, scaleOf } from '../key/scale';
import { midiNumber, pitchClass, type Note } from '../pitch/note';

/** What came of one moment that was played. */
export interface PlayedMoment {
  readonly right: boolean;
  /** Notes that were wanted and did not come. */
  readonly missing: readonly Note[];
  /** MIDI keys that came and were not wanted. */
  readonly wrong: readonly number[];
  /** The mistakes that explain it, by their names among the causes of marking; empty where none does. */
  readonly causes: readonly string[];
}

/**
 * Checks the keys that were struck at one moment against its notes. `struck` holds MIDI numbers in any order; a key
 * struck twice counts once.
 */
export function checkMoment(wanted: readonly Note[], struck: readonly number[], key: Key): PlayedMoment {
  const keys = new Set(struck);
  const missing = wanted.filter((note) => !keys.has(midiNumber(note)));
  const wrong = [...keys].filter((midi) => !wanted.some((note) => midiNumber(note) === midi));
  const causes = missing.flatMap((note) => causeOf(note, wrong, key));
  return { right: missing.length === 0 && wrong.length === 0, missing, wrong, causes: [...new Set(causes)] };
}

/** Why another key was struck: the sign forgotten, the leading note not raised, the next letter, another octave. */
function causeOf(note: Note, wrong: readonly number[], key: Key): string[] {
  const own = midiNumber(note);
  const natural = own - note.alteration;
  const inSignature = own - degreeOf(key, note).alteration;
  if (inSignature !== own && wrong.includes(inSignature)) return ['leading-note-not-raised'];
  if (natural !== own && wrong.includes(natural))
    return [degreeOf(key, note).alteration === 0 ? 'signature-forgotten' : 'accidental-forgotten'];
  if (wrong.some((midi) => midi % 12 === own % 12)) return ['octave-off'];
  const scale = new Set(scaleOf(key).map(pitchClass));
  const beside = wrong.some((midi) => Math.abs(midi - own) <= 2 && scale.has(((midi % 12) + 12) % 12));
  return beside ? ['step-off'] : [];
}

/** A key that was sung as it is wanted, in whatever octave; itself where no wanted note has its name. */
export const keyWanted = (key: number, wanted: readonly Note[]): number =>
  wanted.map(midiNumber).find((one) => (one - key) % 12 === 0) ?? key;
