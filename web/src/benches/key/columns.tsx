import {
  chordMap, displayNoteName, gapsOf, homesOf, mapSymbol, memberNote, midiNumber, numeralParts, parseKey, printSymbol, qualityWords, scaleOf, signatureFifths, speakChord,
  speakNumeral, stackUp, vocabulary, type Key, type MapColumn, type Note, type School,
} from '@diatonix/core'; // prettier-ignore
import type { GridColumn, GridRow } from '../../columns/types';
import { NumeralText } from '../../design/NumeralText';
import type { Engraver } from '../../notation/engraver';
import { SCALE_AND_STACKS } from '../../notation/frames';
import type { KeyBenchState } from '../../workbook/model';

/** Minor is taught in its harmonic form first: the chord map of this bench uses it. */
export const FORM = 'harmonic';

/** Rows of the chord map; the seventh only when stacks go that far. */
export function mapRows(top: 5 | 7): GridRow[] {
  const seventh: GridRow[] = top === 7 ? [{ id: 'seventh', label: 'Seventh', kind: 'text', parted: true }] : [];
  return [
    { id: 'number', label: 'Degree', kind: 'root', parted: true },
    { id: 'step', label: 'Step up', kind: 'soft' },
    ...seventh,
    { id: 'fifth', label: 'Fifth', kind: 'text', parted: top === 5 },
    { id: 'third', label: 'Third', kind: 'text' },
    { id: 'root', label: 'Root', kind: 'root' },
    { id: 'gaps', label: 'Gaps', kind: 'text', parted: true },
    { id: 'quality', label: 'Quality', kind: 'soft' },
    { id: 'numeral', label: 'Numeral', kind: 'numeral', parted: true },
    { id: 'symbol', label: 'Symbol', kind: 'text' },
    { id: 'degree', label: 'Degree name', kind: 'soft' },
    { id: 'taught', label: 'Taught', kind: 'soft' },
  ];
}

/** The octave in which the tonic of a clef's scale is written. */
const TONIC_FLOOR: Record<KeyBenchState['clef'], Note> = {
  treble: { step: 6, alteration: 0, octave: 3 },
  alto: { step: 6, alteration: 0, octave: 2 },
  tenor: { step: 5, alteration: 0, octave: 2 },
  bass: { step: 1, alteration: 0, octave: 2 },
};

/** The notes of a map's stack on the staff, the tonic in the clef's own octave. */
export function stackNotes(column: MapColumn, key: Key, clef: KeyBenchState['clef']): Note[] {
  const tonic = stackUp([key.tonic], TONIC_FLOOR[clef])[0]!;
  const notes = column.chord.members.map((member) => memberNote(column.chord.root, member));
  return stackUp(notes, { ...tonic, alteration: 0 });
}

/** The chord map as grid columns. */
export function mapColumns(bench: KeyBenchState, notYet: readonly number[], school: School, engraver: Engraver | null): GridColumn[] {
  const key = parseKey(bench.key);
  const fifths = signatureFifths(key);
  const scale = stackUp([...scaleOf(key, FORM), key.tonic], { ...TONIC_FLOOR[bench.clef], alteration: 0 });
  return chordMap(key, bench.top, FORM).map((column) => {
    const notes = stackNotes(column, key, bench.clef);
    const note = scale[column.degree - 1]!;
    const step = STEP_WORDS[midiNumber(scale[column.degree]!) - midiNumber(note)]!;
    const muted = notYet.includes(column.degree);
    const parts = numeralParts(column.numeral, key, school);
    const letter = (degree: number) => {
      const member = column.chord.members.find((m) => m.degree === degree);
      return { text: member ? displayNoteName(memberNote(column.chord.root, member), school.letters) : '' };
    };
    const name = column.degreeName === 'leading' ? vocabulary(school).leading : column.degreeName;
    const symbol = bench.top > 7 ? mapSymbol(column) : printSymbol(column.chord, { glyphs: true, letters: school.letters, school: school.symbols });
    return {
      id: String(column.degree),
      sentence: `degree ${column.degree}, ${name}, ${step === '1½' ? 'a whole step and a half' : `a ${step} step`} to the next, ${speakChord(column.chord)}, ${speakNumeral(parts)}${muted ? ', not yet taught' : ''}`,
      staff: engraver?.column(staves([note], notes, bench.clef), SCALE_AND_STACKS, fifths, 'w') ?? null,
      muted,
      cells: {
        number: { text: String(column.degree) },
        step: { text: step },
        seventh: letter(7),
        fifth: letter(5),
        third: letter(3),
        root: letter(1),
        gaps: { text: gapsOf(column.chord).join(' · ') },
        quality: { text: qualityWords(column.quality).replace(/ (?:triad|seventh)$/, '') },
        numeral: { text: speakNumeral(parts), content: <NumeralText parts={parts} /> },
        symbol: { text: symbol },
        degree: { text: name },
        taught: muted ? { text: 'not yet' } : { text: 'taught', content: <span aria-hidden="true">●</span> },
      },
    };
  });
}

function staves(scale: readonly Note[], stack: readonly Note[], clef: KeyBenchState['clef']) {
  return [
    { clef, notes: scale },
    { clef, notes: stack },
  ];
}

/** Distances between neighbouring degrees of the scale, in half steps. */
const STEP_WORDS: Record<number, string> = { 1: 'half', 2: 'whole', 3: '1½' };

/** Other keys that hold the same chord. */
export function otherHomes(column: MapColumn, key: Key) {
  return homesOf(column.chord).filter(
    (home) => home.key.mode !== key.mode || home.key.tonic.step !== key.tonic.step || home.key.tonic.alteration !== key.tonic.alteration,
  );
}
