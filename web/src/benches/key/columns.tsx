import {
  chordMap, degreeName, displayNoteName, gapsOf, homesOf, mapSymbol, memberNote, numeralParts, parseKey, printSymbol, qualityWords, scaleOf, signatureFifths, speakChord,
  speakNumeral, stackUp, vocabulary, type Key, type MapColumn, type Note, type School,
} from '@diatonix/core'; // prettier-ignore
import type { GridColumn, GridRow } from '../../columns/types';
import { NumeralText } from '../../design/NumeralText';
import type { Engraver } from '../../notation/engraver';
import { SCALE_STAFF, SINGLE_STAFF } from '../../notation/frames';
import type { KeyBenchState } from '../../workbook/model';

/** Minor is taught in its harmonic form first: the chord map of this bench uses it. */
export const FORM = 'harmonic';

/** Rows of the chord map; the seventh only when stacks go that far. */
export function mapRows(top: 5 | 7): GridRow[] {
  const seventh: GridRow[] = top === 7 ? [{ id: 'seventh', label: 'Seventh', kind: 'text' }] : [];
  return [
    ...seventh,
    { id: 'fifth', label: 'Fifth', kind: 'text' },
    { id: 'third', label: 'Third', kind: 'text' },
    { id: 'root', label: 'Root', kind: 'root' },
    { id: 'gaps', label: 'Gaps', kind: 'text', parted: true },
    { id: 'quality', label: 'Quality', kind: 'text' },
    { id: 'numeral', label: 'Numeral', kind: 'numeral', parted: true },
    { id: 'symbol', label: 'Symbol', kind: 'text' },
    { id: 'degree', label: 'Degree', kind: 'soft' },
    { id: 'taught', label: 'Taught', kind: 'soft' },
  ];
}

export const SCALE_ROWS: readonly GridRow[] = [
  { id: 'number', label: 'Degree', kind: 'root' },
  { id: 'note', label: 'Note', kind: 'text' },
];

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
  return chordMap(key, bench.top, FORM).map((column) => {
    const notes = stackNotes(column, key, bench.clef);
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
      sentence: `degree ${column.degree}, ${name}, ${speakChord(column.chord)}, ${speakNumeral(parts)}${muted ? ', not yet taught' : ''}`,
      staff: engraver?.column([{ clef: bench.clef, notes }], SINGLE_STAFF, fifths, 'w') ?? null,
      muted,
      cells: {
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

/** The scale, tonic to tonic, as grid columns. */
export function scaleColumns(bench: KeyBenchState, school: School, engraver: Engraver | null): GridColumn[] {
  const key = parseKey(bench.key);
  const scale = scaleOf(key, FORM);
  const notes = stackUp([...scale, key.tonic], { ...TONIC_FLOOR[bench.clef], alteration: 0 });
  return notes.map((note, index) => {
    const degree = (index % 7) + 1;
    const letter = displayNoteName(note, school.letters);
    const name = degreeName(key, degree, FORM);
    return {
      id: String(index),
      sentence: `degree ${degree}, ${name === 'leading' ? vocabulary(school).leading : name}, ${letter}`,
      staff: engraver?.column([{ clef: bench.clef, notes: [note] }], SCALE_STAFF, signatureFifths(key), 'w') ?? null,
      cells: { number: { text: index === 7 ? '8' : String(degree) }, note: { text: letter } },
    };
  });
}

/** Other keys that hold the same chord. */
export function otherHomes(column: MapColumn, key: Key) {
  return homesOf(column.chord).filter((home) => home.key.mode !== key.mode || home.key.tonic.step !== key.tonic.step || home.key.tonic.alteration !== key.tonic.alteration);
}
