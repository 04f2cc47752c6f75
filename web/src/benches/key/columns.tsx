import { taughtOf, type Taught } from '../../documents/kinds/schoolClass/taught';
import type { NotYetTaught } from '../../documents/kinds/schoolClass/type';
import {
  chordMap,
  displayNoteName,
  gapsOf,
  homesOf,
  memberNote,
  memberWord,
  midiNumber,
  numeralParts,
  parseKey,
  printSymbol,
  qualityWords,
  scaleFingering,
  scaleOf,
  printedFifths,
  solfegeOf,
  isRaisedLeading,
  minorMap,
  speakChord,
  speakNumeral,
  stackedNotes,
  stackUp,
  vocabulary,
  type Key,
  type MapColumn,
  type Mode,
  type Note,
  type NoteName,
  type LabelStyle,
  type StackTop,
} from '@diatonix/core';
import type { GridCell, GridColumn, GridRow, StaffFrame } from '../../columns/types';
import { NumeralText } from '../../parts/NumeralText';
import type { Engraver } from '@diatonix/engraving';
import { SCALE_AND_STACKS, SCALE_AND_TALL_STACKS } from '../../notation/frames';
import type { KeyMap } from '../../documents/kinds/key/type';

/** Rows of the chord map, as high as the stacks go. */
export function mapRows({ top, fingering }: KeyMap, mode: Mode, school: LabelStyle): GridRow[] {
  const members = ([13, 11, 9, 7, 5, 3] as const).filter((degree) => degree <= top);
  const sung: GridRow[] = school.solfege === 'off' ? [] : [{ id: 'solfege', label: 'Sung', kind: 'soft' }];
  const fingered = fingering && (mode === 'major' || mode === 'minor');
  const hands: GridRow[] = fingered
    ? [
        { id: 'right', label: 'Right hand', kind: 'soft' },
        { id: 'left', label: 'Left hand', kind: 'soft' },
      ]
    : [];
  return [
    { id: 'number', label: 'Degree', kind: 'root', parted: true },
    ...(top <= 7 ? [{ id: 'step', label: 'Step up', kind: 'soft' } as const] : []),
    ...sung,
    ...hands,
    ...members.map((degree, index): GridRow => ({
      id: memberRow(degree),
      label: memberLabel(degree),
      kind: 'text',
      parted: index === 0,
    })),
    { id: 'root', label: 'Root', kind: 'root' },
    { id: 'gaps', label: 'Gaps', kind: top > 9 ? 'soft' : 'text', parted: true },
    { id: 'quality', label: 'Quality', kind: 'soft' },
    { id: 'numeral', label: 'Numeral', kind: 'numeral', parted: true },
    { id: 'symbol', label: 'Symbol', kind: top > 9 ? 'soft' : 'text' },
    { id: 'degree', label: 'Degree name', kind: 'soft' },
    { id: 'taught', label: 'Taught', kind: 'soft' },
  ];
}

const memberRow = (degree: number) => memberWord({ degree });
const memberLabel = (degree: number) => memberRow(degree).replace(/^./, (first) => first.toUpperCase());

/** The octave in which the tonic of a clef's scale is written. */
const TONIC_FLOOR: Record<KeyMap['clef'], Note> = {
  treble: { step: 6, alteration: 0, octave: 3 },
  alto: { step: 6, alteration: 0, octave: 2 },
  tenor: { step: 5, alteration: 0, octave: 2 },
  bass: { step: 1, alteration: 0, octave: 2 },
};

/** Where roots of stacks beyond the seventh are written, so that their tops stay near the staff. */
const TALL_FLOOR: Record<KeyMap['clef'], Note> = {
  treble: { step: 4, alteration: 0, octave: 3 },
  alto: { step: 5, alteration: 0, octave: 2 },
  tenor: { step: 3, alteration: 0, octave: 2 },
  bass: { step: 6, alteration: 0, octave: 1 },
};

/** The notes of a map's stack on the staff, the tonic in the clef's own octave. */
export function stackNotes(column: MapColumn, key: Key, clef: KeyMap['clef']): Note[] {
  const notes = stackedNotes(column.chord);
  if (notes.length > 4) return stackUp(notes, TALL_FLOOR[clef]);
  const tonic = stackUp([key.tonic], TONIC_FLOOR[clef])[0]!;
  return stackUp(notes, { ...tonic, alteration: 0 });
}

/** The staves' shape for stacks of this height. */
export function mapFrame(top: StackTop): StaffFrame {
  return top > 7 ? SCALE_AND_TALL_STACKS : SCALE_AND_STACKS;
}

/** The columns of the map: seven, or in minor nine where harmonic chords stand beside natural ones. */
export function mapOf({
  key: text,
  top,
  form,
  beside,
}: KeyMap): readonly (MapColumn & { readonly raised?: boolean })[] {
  const key = parseKey(text);
  return beside && key.mode === 'minor' ? minorMap(key, top) : chordMap(key, top, form);
}

const TAUGHT_CELLS: Readonly<Record<Taught, GridCell>> = {
  'not yet': { text: 'not yet' },
  triad: { text: 'triad' },
  all: { text: 'taught', content: <span aria-hidden="true">●</span> },
};

/** The chord map as grid columns. */
export function mapGridColumns(
  bench: KeyMap,
  notYet: NotYetTaught,
  school: LabelStyle,
  engraver: Engraver | null,
): GridColumn[] {
  const key = parseKey(bench.key);
  const { form, clef, top } = bench;
  const fifths = printedFifths(key);
  const scale = stackUp([...scaleOf(key, form), key.tonic], { ...TONIC_FLOOR[clef], alteration: 0 });
  const fingers = key.mode === 'major' || key.mode === 'minor' ? scaleFingering(key, form) : null;
  return mapOf(bench).map((column) => {
    const notes = stackNotes(column, key, clef);
    const raised = column.raised === true;
    const note = raised ? { ...scale[column.degree - 1]!, ...column.chord.root } : scale[column.degree - 1]!;
    // Beside the natural form only a root that is raised is a note of its own.
    const ownNote = !raised || isRaisedLeading(key, note);
    const step = ownNote ? STEP_WORDS[midiNumber(scale[column.degree]!) - midiNumber(note)]! : '';
    const taught = taughtOf(notYet, key.mode === 'major' ? 'major' : 'minor', column.degree);
    // A map of triads does not ask whether the seventh was taught.
    const muted = taught === 'not yet' || (taught === 'triad' && top > 5);
    const parts = numeralParts(column.numeral, key, school, 'short');
    const name = degreeWord(column, school);
    const letters = Object.fromEntries(
      column.chord.members.map((m) => [
        memberRow(m.degree),
        letterCell(memberNote(column.chord.root, m), key, school),
      ]),
    );
    return {
      id: `${column.degree}${raised ? ' raised' : ''}`,
      sentence: [
        `degree ${column.degree}`,
        name,
        `${stepWords(step, school)}${speakChord(column.chord)}`,
        speakNumeral(parts),
        ...(taught === 'not yet' ? ['not yet taught'] : []),
        ...(taught === 'triad' ? ['seventh not yet taught'] : []),
      ].join(', '),
      staff: engraver?.column(staves(ownNote ? [note] : [], notes, clef), mapFrame(top), fifths, 'w') ?? null,
      muted,
      cells: {
        ...letters,
        number: { text: String(column.degree) },
        step: { text: step },
        solfege: { text: school.solfege === 'off' || !ownNote ? '' : solfegeOf(key, note, school.solfege) },
        right: { text: fingers && !raised ? fingersAt(fingers.right, column.degree) : '' },
        left: { text: fingers && !raised ? fingersAt(fingers.left, column.degree) : '' },
        gaps: { text: gapsOf(column.chord).join(top > 9 ? ' ' : ' · ') },
        quality: { text: qualityWords(column.quality).replace(/ (?:triad|seventh|ninth|1[13]th)$/, '') },
        numeral: { text: speakNumeral(parts), content: <NumeralText parts={parts} /> },
        symbol: {
          text: printSymbol(column.chord, {
            glyphs: true,
            letters: school.letters,
            school: school.symbols,
            detail: 'short',
          }),
        },
        degree: { text: name },
        taught: TAUGHT_CELLS[taught],
      },
    };
  });
}

function stepWords(step: string, school: LabelStyle): string {
  if (step === '') return '';
  const { halfStep, wholeStep } = vocabulary(school);
  const said = { whole: `a ${wholeStep}`, half: `a ${halfStep}`, '1½': `a ${wholeStep} and a half` }[step];
  return `${said ?? step} to the next, `;
}

/** A letter; the raised leading note of minor is marked as raised. */
function letterCell(note: NoteName, key: Key, school: LabelStyle): GridCell {
  const text = displayNoteName(note, school.letters);
  if (!isRaisedLeading(key, note)) return { text };
  return {
    text: `${text}, raised ${vocabulary(school).leading}`,
    content: <span className="raised">{text} ↑</span>,
  };
}

/** The finger of a degree; at the seventh also that of the octave. */
function fingersAt(fingers: readonly number[], degree: number): string {
  return degree === 7 ? `${fingers[6]} · ${fingers[7]}` : String(fingers[degree - 1]);
}

/** The degree's name in the school's words. */
export function degreeWord(column: MapColumn, school: LabelStyle): string {
  return column.degreeName === 'leading' ? vocabulary(school).leading : column.degreeName;
}

function staves(scale: readonly Note[], stack: readonly Note[], clef: KeyMap['clef']) {
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
    (home) =>
      home.key.mode !== key.mode ||
      home.key.tonic.step !== key.tonic.step ||
      home.key.tonic.alteration !== key.tonic.alteration,
  );
}
