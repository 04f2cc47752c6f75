import { memberNote, type Chord, makeChord } from '../chord/chord';
import { inversionWords } from '../chord/inversionNames';
import type { Key } from '../key/key';
import { diatonicNumeral } from '../label/diatonic';
import { chordOfNumeral, type Numeral } from '../label/numeral';
import { midiNumber, stackUp, type Note } from '../pitch/note';
import { chordFingering, type ChordFingering } from './chordFingering';

/** One of the primary chords at the keyboard: what each hand plays, and with which fingers. */
export interface PrimaryChord {
  readonly numeral: Numeral;
  readonly chord: Chord;
  readonly inversion: string;
  readonly right: readonly Note[];
  readonly left: readonly Note[];
  readonly fingering: ChordFingering;
}

/**
 * The right hand's tonic chord starts at or above G3, the left an octave lower (common practice: both hands
 * near the middle).
 */
const RIGHT_FLOOR: Note = { step: 4, alteration: 0, octave: 3 };

/**
 * I, IV and V7 (in minor i, iv and V7 with the leading note) in the inversions
 * nearest to the tonic in root position, in the order I IV I V7 I. V7 leaves
 * its fifth out, so that three fingers play it (common practice). Throws
 * TheoryError past a triple alteration.
 */
export function primaryChords(key: Key): PrimaryChord[] {
  const tonic = diatonicNumeral(key, 1);
  const home = stackUp(
    chordOfNumeral(tonic, key).members.map((m) => memberNote(key.tonic, m)),
    { ...RIGHT_FLOOR, alteration: -3 },
  );
  const dominant = diatonicNumeral(key, 5, 7);
  const numerals = [
    tonic,
    diatonicNumeral(key, 4),
    tonic,
    { ...dominant, members: dominant.members.filter((m) => m.degree !== 5) },
    tonic,
  ];
  return numerals.map((numeral) => {
    const right = nearest(chordOfNumeral(numeral, key), home);
    const plain = chordOfNumeral(numeral, key);
    const chord = makeChord(plain.root, plain.members, right[0]!);
    const lowest = chord.members.find((m) => memberNote(chord.root, m).step === right[0]!.step)!;
    return {
      numeral: { ...numeral, lowest },
      chord,
      inversion: inversionWords(chord),
      right,
      left: right.map((note) => ({ ...note, octave: note.octave - 1 })),
      fingering: chordFingering(right)!,
    };
  });
}

/** The inversion whose notes lie nearest to the given ones. */
function nearest(chord: Chord, home: readonly Note[]): Note[] {
  const names = chord.members.map((m) => memberNote(chord.root, m));
  let best: Note[] = [];
  let least = Infinity;
  for (let turn = 0; turn < names.length; turn++) {
    for (const shift of [-1, 0]) {
      const notes = stackUp([...names.slice(turn), ...names.slice(0, turn)], {
        ...home[0]!,
        octave: home[0]!.octave + shift,
      });
      const moved = notes.reduce(
        (sum, note, i) => sum + Math.abs(midiNumber(note) - midiNumber(home[i]!)),
        0,
      );
      if (moved < least) [best, least] = [notes, moved];
    }
  }
  return best;
}
