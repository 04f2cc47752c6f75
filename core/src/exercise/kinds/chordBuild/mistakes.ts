import { chordFromFormula } from '../../../chord/build';
import { stackedNotes } from '../../../chord/chord';
import { attempt } from '../../../errors';
import type { NoteName } from '../../../pitch/note';
import { parseNoteName } from '../../../pitch/parse';
import { printNoteName } from '../../../pitch/print';
import { chordOfQuality, type ChordSize } from '../../chordQualities';
import { INVERSIONS_ASKED } from '../../generating/rollChord';
import {
  CHORD_EXCHANGES,
  INVERSION_IGNORED,
  INVERSION_OFF_BY_ONE,
  enharmonicSlip,
  inWantedChord,
  readFromTheTop,
  withNote,
} from '../../mistakes/chords';
import type { Mistake } from '../../mistakes/mistake';
import type { ChordBuildGiven } from './given';

type Notes = readonly string[];

const accidentalForgotten: Mistake<ChordBuildGiven, Notes> = {
  id: 'accidental-forgotten',
  slips(right) {
    const plain = (name: NoteName): NoteName => ({ ...name, alteration: 0 });
    const altered = right.flatMap((text, at) => (parseNoteName(text).alteration === 0 ? [] : [at]));
    const one = altered.map((at) => withNote(right, at, plain));
    return altered.length > 1 ? [...one, right.map((text) => text[0]!)] : one;
  },
};

const thirdMissed: Mistake<ChordBuildGiven, Notes> = {
  id: 'third-missed',
  slips(_, { root, quality, inversion }) {
    const chord = chordOfQuality(parseNoteName(root), quality);
    if (!chord || inversion > 0) return [];
    const notes = stackedNotes(chord).map(printNoteName);
    const next = attempt(() => chordFromFormula(chord.root, '1 3 5 7 9 11 13'));
    if (!next.ok) return [];
    const chain = stackedNotes(next.value).map(printNoteName);
    // From one place on, the chain goes on a third too far.
    return notes
      .slice(1)
      .map((_one, at) => notes.map((text, index) => (index > at ? chain[index + 1]! : text)));
  },
};

const seventhLeftOut: Mistake<ChordBuildGiven, Notes> = {
  id: 'extension-without-seventh',
  slips(right, { root, quality, inversion }) {
    const chord = chordOfQuality(parseNoteName(root), quality);
    if (!chord || inversion === 3) return [];
    const at = chord.members.findIndex(({ degree }) => degree === 7);
    if (at < 0) return [];
    const seventh = printNoteName(stackedNotes(chord)[at]!);
    return [right.filter((text) => text !== seventh)];
  },
};

/** What goes wrong where a chord of a family is built, the likeliest first. */
export function chordBuildMistakes(family: ChordSize): readonly Mistake<ChordBuildGiven, Notes>[] {
  const most = INVERSIONS_ASKED[family].length - 1;
  return [
    inWantedChord<ChordBuildGiven>(INVERSION_IGNORED, most),
    ...CHORD_EXCHANGES.map((turn) => inWantedChord<ChordBuildGiven>(turn, most)),
    accidentalForgotten,
    inWantedChord<ChordBuildGiven>(INVERSION_OFF_BY_ONE, most),
    readFromTheTop,
    ...(family === 'triad' ? [] : [seventhLeftOut]),
    enharmonicSlip,
    thirdMissed,
  ];
}
