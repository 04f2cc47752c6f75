import { makeChord, notesFromBass, stackedNotes, type Chord } from '../../../chord/chord';
import { attempt } from '../../../errors';
import { staffPosition, stackUp, type Note } from '../../../pitch/note';
import { printNote, printNoteName } from '../../../pitch/print';
import { nameChordWay, nameChordWorking } from '../../../working/chordWorking';
import type { Clef } from '../../../key/scale';
import type { Key } from '../../../key/key';
import type { Dice } from '../../ask/dice';
import { keyIn, notesIn, textIn } from '../../ask/given';
import type { Material, Position } from '../../ask/material';
import {
  isAllowed,
  ledgerDifficulty,
  placeUp,
  rising,
  rollNote,
  staffGiven,
  writingDifficulty,
} from '../../ask/onStaff';
import type { Asking, DifficultyParts, Given } from '../../ask/question';
import { chordOfQuality, namesOfNotes, QUALITIES, type ChordName, type Family } from './qualities';

const TRIES = 40;

export const INVERSIONS_OF: Record<Family, readonly number[]> = {
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
    if (notes.every((note) => isAllowed(note, key, material.accidentals)))
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
export function setOnStaff(
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

/** The names of the notes, those of the family that is asked first: A C E G is a seventh on A, and a sixth on C. */
function namesIn(given: Given, family: Family): ChordName[] {
  const names = namesOfNotes(rising(notesIn(given)));
  const own = (name: ChordName) => (QUALITIES[family].includes(name.quality) ? 0 : 1);
  return names.sort((a, b) => own(a) - own(b));
}

/** Notes on a staff; root, quality and inversion are named. */
function naming(id: string, family: Family): Asking {
  return {
    id,
    takes: ['keys', 'clefs', 'qualities', 'inversions', 'positions', 'accidentals', 'ledgerLines'],
    usual: { qualities: QUALITIES[family], inversions: INVERSIONS_OF[family], ledgerLines: 2 },
    qualities: QUALITIES[family],
    inversions: INVERSIONS_OF[family],
    same: (given) => given['notes'],
    roll(dice, material) {
      const found = rollChord(dice, material);
      if (!found) return null;
      const { clef, key, chord } = found;
      const notes = setOnStaff(dice, chord, clef, dice.pick(material.positions), material.ledgerLines);
      return notes && { ...staffGiven(clef, key), notes: notes.map(printNote) };
    },
    answers: (given) =>
      namesIn(given, family).map(({ root, quality, inversion }) => ({
        root: printNoteName(root),
        quality,
        inversion,
      })),
    difficulty(given) {
      const notes = rising(notesIn(given));
      const [name] = namesIn(given, family);
      const spread =
        notes.length <= 4 && staffPosition(notes[notes.length - 1]!) - staffPosition(notes[0]!) > 7;
      return {
        ...chordDifficulty(name?.quality ?? '', name?.inversion ?? 0, notes.length),
        ...(spread ? { spacing: 0.4 } : {}),
        ...writingDifficulty(keyIn(given), notes),
        ...ledgerDifficulty(notes, textIn(given, 'clef') as Clef),
      };
    },
    steps(given, ways = {}) {
      const notes = rising(notesIn(given));
      const name = namesIn(given, family)[0]!;
      const chord = chordOfQuality(name.root, name.quality)!;
      const inverted = makeChord(chord.root, chord.members, notes[0]);
      return ways.chords
        ? nameChordWay(notes, inverted, ways.chords)
        : nameChordWorking(notes, inverted, null);
    },
  };
}

export const ASK_TRIAD_NAME = naming('triad-name', 'triad');
export const ASK_SEVENTH_NAME = naming('seventh-name', 'seventh');
export const ASK_EXTENDED_NAME = naming('extended-name', 'extended');
