import { type Chord, makeChord, notesFromBass, stackedNotes } from '../../chord/chord';
import { attempt } from '../../errors';
import type { Key } from '../../key/key';
import type { Clef } from '../../key/scale';
import { type Note, stackUp } from '../../pitch/note';
import { chordOfQuality, type ChordSize } from '../chordQualities';
import { rising } from '../givenReading';
import type { DifficultyParts } from '../question';
import { Dice } from './dice';
import type { Material, Position } from './material';
import { isAllowed, placeUp, rollNote } from './staffWriting';
import { isUsedInKey } from './usedInKey';

const TRIES = 40;

/** The inversions that are asked for in a family of chords. */
export const INVERSIONS_ASKED: Record<ChordSize, readonly number[]> = {
  triad: [0, 1, 2],
  seventh: [0, 1, 2, 3],
  extended: [0],
};

/** A chord of the material under the signature of one of its keys; null where the dice find none. */
export function rollChord(
  dice: Dice,
  material: Material,
): { clef: Clef; key: Key; chord: Chord; quality: string; inversion: number } | null {
  const clef = dice.pick(material.clefs);
  const key = dice.pick(material.keys);
  const quality = dice.pick(material.qualities);
  for (let tries = 0; tries < TRIES; tries++) {
    const root = rollNote(dice, clef, key, material);
    const inversion = dice.pick(material.inversions);
    const chord = root && chordOfQuality({ step: root.step, alteration: root.alteration }, quality);
    if (!chord || inversion >= chord.members.length) continue;
    const stack = attempt(() => stackedNotes(chord));
    if (!stack.ok) continue;
    const notes = stack.value;
    if (
      notes.every((note) => isAllowed(note, key, material.accidentals)) &&
      isUsedInKey(notes, key, material.chromatic, dice)
    )
      return {
        clef,
        key,
        chord: makeChord(chord.root, chord.members, notes[inversion]!),
        quality,
        inversion,
      };
  }
  return null;
}

/** The notes of a chord on a staff, close or with its second note an octave higher; null where they do not fit. */
export function chordOnStaff(
  dice: Dice,
  chord: Chord,
  clef: Clef,
  position: Position,
  ledgerLines: number,
): readonly Note[] | null {
  const names = notesFromBass(chord);
  return placeUp(
    dice,
    (octave) => {
      const close = stackUp(names, { step: 0, alteration: 0, octave });
      if (position === 'close') return close;
      return rising(close.map((note, at) => (at === 1 ? { ...note, octave: note.octave + 1 } : note)));
    },
    clef,
    ledgerLines,
  );
}

/** What a chord adds: how many thirds, how it is turned, and what is neither major nor minor in it. */
export function chordDifficulty(quality: string, inversion: number, size: number): DifficultyParts {
  return {
    chord: size <= 3 ? 0.6 : size === 4 ? 1.2 : 1.8,
    ...(/^(?:major|minor|dominant)(?:-seventh|-ninth)?$/.test(quality) ? {} : { quality: 0.6 }),
    ...(inversion > 0 ? { inversion: 0.4 + 0.2 * inversion } : {}),
  };
}
