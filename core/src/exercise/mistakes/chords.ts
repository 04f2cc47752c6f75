import { pitchClass, type NoteName, type Step } from '../../pitch/note';
import { parseNoteName } from '../../pitch/parse';
import { printNoteName } from '../../pitch/print';
import type { ChordAnswer } from '../answers/chordText';
import type { Mistake, AnswerSlip } from './mistake';

type Turn = (chord: ChordAnswer, most: number) => readonly ChordAnswer[];

/** A way of taking one chord for others; `most` is the highest inversion that is asked for. */
export interface ChordTurn {
  readonly id: string;
  readonly turn: Turn;
}

/** A mistake in the name of a chord. */
export const inChordName = ({ id, turn }: ChordTurn, most: number): AnswerSlip<ChordAnswer> => ({
  id,
  slips: (right) => turn(right, most),
});

/** A mistake in what is built, where a chord is wanted. */
export const inWantedChord = <Given extends ChordAnswer>(
  { id, turn }: ChordTurn,
  most: number,
): Mistake<Given> => ({
  id,
  misreads: (given) => {
    const { root, quality, inversion } = given;
    return turn({ root, quality, inversion }, most).map((chord) => ({ ...given, ...chord }));
  },
});

/** Qualities that are taken for each other: pairs, the left for the right and the right for the left. */
const exchanged =
  (pairs: readonly (readonly [string, string])[]): Turn =>
  (chord) =>
    pairs.flatMap(([a, b]) =>
      chord.quality === a
        ? [{ ...chord, quality: b }]
        : chord.quality === b
          ? [{ ...chord, quality: a }]
          : [],
    );

const inversionIgnored: Turn = (chord) => (chord.inversion > 0 ? [{ ...chord, inversion: 0 }] : []);
const sixFourExchanged: Turn = (chord, most) =>
  most === 2 && chord.inversion > 0 ? [{ ...chord, inversion: 3 - chord.inversion }] : [];
const offByOne: Turn = (chord, most) =>
  [chord.inversion + 1, chord.inversion - 1]
    .filter((one) => one > 0 && one <= most && !(most === 2 && one + chord.inversion === 3))
    .map((inversion) => ({ ...chord, inversion }));

export const INVERSION_IGNORED: ChordTurn = { id: 'inversion-ignored', turn: inversionIgnored };
export const INVERSION_OFF_BY_ONE: ChordTurn = { id: 'inversion-off-by-one', turn: offByOne };

/** What is taken for something else in a chord besides its lowest note, the likeliest first. */
export const CHORD_EXCHANGES: readonly ChordTurn[] = [
  { id: 'six-and-six-four-exchanged', turn: sixFourExchanged },
  { id: 'third-unaltered', turn: exchanged([['major', 'minor']]) },
  { id: 'fifth-unaltered', turn: exchanged([['minor', 'diminished'], ['major', 'augmented']]) }, // prettier-ignore
  {
    id: 'seventh-exchanged',
    turn: exchanged([
      ['dominant-seventh', 'major-seventh'],
      ['half-diminished-seventh', 'diminished-seventh'],
      ['minor-seventh', 'minor-major-seventh'],
      ['dominant-ninth', 'major-ninth'],
    ]),
  },
  {
    id: 'triad-of-seventh-mistaken',
    turn: exchanged([
      ['dominant-seventh', 'minor-seventh'],
      ['minor-seventh', 'half-diminished-seventh'],
      ['major-seventh', 'minor-major-seventh'],
      ['major-seventh', 'augmented-major-seventh'],
      ['dominant-ninth', 'minor-ninth'],
    ]),
  },
];

/** A list of notes with one of them otherwise. */
export function withNote(
  notes: readonly string[],
  at: number,
  change: (name: NoteName) => NoteName,
): string[] {
  return notes.map((text, index) => (index === at ? printNoteName(change(parseNoteName(text))) : text));
}

/** The same sound on the letter below or above. */
function respelled(name: NoteName, by: 1 | -1): NoteName | null {
  const step = ((name.step + by + 7) % 7) as Step;
  const sound = pitchClass(name);
  const plain = pitchClass({ step, alteration: 0 });
  const alteration = ((sound - plain + 18) % 12) - 6;
  return Math.abs(alteration) <= 2 ? { step, alteration } : null;
}

/** One note on the letter beside it, with the same sound. */
export const enharmonicSlip: AnswerSlip<readonly string[]> = {
  id: 'enharmonic-spelling',
  slips(right) {
    return right.flatMap((text, at) =>
      ([1, -1] as const).flatMap((by) => {
        const other = respelled(parseNoteName(text), by);
        return other ? [withNote(right, at, () => other)] : [];
      }),
    );
  },
};

/** The notes are given from the highest down. */
export const readFromTheTop: AnswerSlip<readonly string[]> = {
  id: 'read-from-the-top',
  slips: (right) => [[...right].reverse()],
};
