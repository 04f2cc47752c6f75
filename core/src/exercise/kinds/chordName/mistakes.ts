import { printNoteName } from '../../../pitch/print';
import type { ChordAnswer } from '../../answers/chordText';
import { namesOfNotes, QUALITIES, type ChordSize } from '../../chordQualities';
import { INVERSIONS_ASKED } from '../../generating/rollChord';
import { notesIn, rising } from '../../givenReading';
import { CHORD_EXCHANGES, INVERSION_IGNORED, INVERSION_OFF_BY_ONE, inChordName } from '../../mistakes/chords';
import type { Mistake } from '../../mistakes/mistake';
import { staffReading } from '../../mistakes/reading';
import type { ChordNameGiven } from './given';

/** Every note of a chord on a staff, read otherwise. */
export const rereadNotes = <Given extends { readonly notes: readonly string[] }>(
  given: Given,
  read: (note: string) => string,
): Given => ({ ...given, notes: given.notes.map(read) });

/** The names of the notes from the lowest up. */
const namesUp = ({ notes }: ChordNameGiven): string[] => rising(notesIn(notes)).map(printNoteName);

const lowestForRoot = (family: ChordSize): Mistake<ChordNameGiven, ChordAnswer> => ({
  id: 'lowest-for-root',
  slips({ root, quality, inversion }, given) {
    const lowest = namesUp(given)[0]!;
    // What also stands as a sixth chord may still stand on its root: E G B♭ D is no inversion.
    const usual = namesOfNotes(rising(notesIn(given.notes))).find((one) => !one.quality.endsWith('sixth'));
    if (lowest === root || usual?.inversion === 0) return [];
    const first = { root: lowest, quality, inversion: 0 };
    return [
      first,
      { ...first, inversion },
      ...QUALITIES[family].filter((one) => one !== quality).map((one) => ({ ...first, quality: one })),
    ];
  },
});

const highestForRoot: Mistake<ChordNameGiven, ChordAnswer> = {
  id: 'read-from-the-top',
  slips(right, given) {
    const highest = namesUp(given).at(-1)!;
    return highest === right.root
      ? []
      : [
          { ...right, root: highest, inversion: 0 },
          { ...right, root: highest },
        ];
  },
};

/** What goes wrong with the name of a chord of a family, the likeliest first. */
export function chordNameMistakes(family: ChordSize): readonly Mistake<ChordNameGiven, ChordAnswer>[] {
  const most = INVERSIONS_ASKED[family].length - 1;
  return [
    ...staffReading<ChordNameGiven>(rereadNotes),
    inChordName(INVERSION_IGNORED, most),
    lowestForRoot(family),
    ...CHORD_EXCHANGES.map((turn) => inChordName(turn, most)),
    inChordName(INVERSION_OFF_BY_ONE, most),
    highestForRoot,
  ];
}
