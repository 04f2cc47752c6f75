import {
  attempt,
  chordFingering,
  displayNoteName,
  familyOn,
  gapsOf,
  halfStepsUp,
  inversionLetter,
  inversionsOf,
  inversionWords,
  noteAboveGap,
  notesFromBass,
  parseKey,
  printFigure,
  printFormula,
  printSymbol,
  stackQuality,
  qualityWords,
  shortFigures,
  printedFifths,
  speakChord,
  stackUp,
  type Chord,
  type Clef,
  type Note,
  type LabelStyle,
} from '@diatonix/core';
import type { GridColumn, GridRow } from '../../columns/types';
import { Figures } from '../../parts/NumeralText';
import { accidentalSigns } from '../../design/signs';
import type { ChordView, ShownStudy } from './state';
import type { Engraver } from '@diatonix/engraving';
import { CHORD_STAFF } from '../../notation/frames';

export const INVERSION_ROWS: readonly GridRow[] = [
  { id: 'notes', label: 'Letters', kind: 'root', parted: true },
  { id: 'gaps', label: 'Gaps', kind: 'text' },
  { id: 'gap', label: 'Above the gap', kind: 'text' },
  { id: 'name', label: 'Inversion', kind: 'soft' },
  { id: 'figures', label: 'Figured bass', kind: 'figures', parted: true },
  { id: 'letter', label: 'Letter', kind: 'text' },
  { id: 'symbol', label: 'Symbol', kind: 'text' },
  { id: 'right', label: 'Right hand', kind: 'soft', parted: true },
  { id: 'left', label: 'Left hand', kind: 'soft' },
];

export const FAMILY_ROWS: readonly GridRow[] = [
  { id: 'notes', label: 'Letters', kind: 'root', parted: true },
  { id: 'gaps', label: 'Gaps', kind: 'text' },
  { id: 'formula', label: 'Formula', kind: 'text' },
  { id: 'name', label: 'Quality', kind: 'soft', parted: true },
  { id: 'symbol', label: 'Symbol', kind: 'text' },
];

/** The lowest note of the staff's working octave in each clef. */
const FLOOR: Record<Clef, Note> = {
  treble: { step: 0, alteration: 0, octave: 4 },
  alto: { step: 1, alteration: 0, octave: 3 },
  tenor: { step: 6, alteration: 0, octave: 2 },
  bass: { step: 4, alteration: 0, octave: 2 },
};

/** A chord in close position from its bass, in the clef's working octave. */
export function closeNotes(chord: Chord, clef: Clef): Note[] {
  return stackUp(notesFromBass(chord), FLOOR[clef]);
}

/**
 * The chords of the chosen view: inversions, or a family on the root. Those that cannot be written are left
 * out.
 */
export function chordsOfView(chord: Chord, view: ChordView): Chord[] {
  const list =
    view === 'triads' || view === 'sevenths' || view === 'extensions'
      ? familyOn(chord.root, view)
      : inversionsOf(chord);
  return list.filter((one) => attempt(() => notesFromBass(one)).ok);
}

/** Grid columns of the view. */
export function chordColumns(
  chords: readonly Chord[],
  bench: ShownStudy,
  school: LabelStyle,
  engraver: Engraver | null,
): GridColumn[] {
  const key = parseKey(bench.key);
  const fifths = printedFifths(key);
  return chords.map((chord, index) => {
    const notes = closeNotes(chord, bench.clef);
    const fingering = chordFingering(notes);
    const figures = shortFigures(chord, key).map(printFigure);
    return {
      id: `${bench.view} ${index}`,
      sentence: `${speakChord(chord)}, ${
        bench.view === 'inversions' ? inversionWords(chord) : qualityWords(stackQuality(chord.members))
      }`,
      staff: engraver?.column([{ clef: bench.clef, notes }], CHORD_STAFF, fifths, 'w') ?? null,
      cells: {
        notes: { text: notes.map((note) => displayNoteName(note, school.letters)).join(' ') },
        gaps: { text: (bench.view === 'inversions' ? halfStepsUp(notes) : gapsOf(chord)).join(' · ') },
        gap: { text: aboveGap(chord, school) },
        formula: { text: accidentalSigns(printFormula(chord)) },
        name: {
          text:
            bench.view === 'inversions'
              ? inversionWords(chord)
              : qualityWords(stackQuality(chord.members)).replace(/ (?:triad|seventh|ninth|1[13]th)$/, ''),
        },
        figures: {
          text: figures.map(accidentalSigns).join(' '),
          content: figures.length > 0 ? <Figures figures={figures} /> : '',
        },
        letter: { text: inversionLetter(chord) },
        symbol: {
          text: printSymbol(chord, { glyphs: true, letters: school.letters, school: school.symbols }),
        },
        right: { text: fingering ? fingering.right.join(' ') : '' },
        left: { text: fingering ? fingering.left.join(' ') : '' },
      },
    };
  });
}

/** The note above the gap, which is the root. */
function aboveGap(chord: Chord, school: LabelStyle): string {
  const above = noteAboveGap(chord);
  return above ? `${displayNoteName(above.root, school.letters)}, above the ${above.gap}` : 'no gap';
}
