import type { Metre } from '../../time/metre';
import { memberNote, type Chord } from '../../chord/chord';
import { printedFifths, type Key } from '../../key/key';
import { shortFigures, type Figure } from '../../label/figures';
import { LETTERS, sameName, type Note } from '../../pitch/note';
import type { NoteValue } from '../../time/length';
import { chordKindOf } from './kinds';
import { accidentalElement, el, pitchElement, type XmlElement } from './xml';

/** The chord as a symbol. */
export function symbolHarmony(chord: Chord): XmlElement {
  const { kind, text, degrees } = chordKindOf(chord);
  const first = chord.members[0] ? memberNote(chord.root, chord.members[0]) : chord.root;
  const step = (name: string, note: { step: number; alteration: number }) =>
    el(name, [
      el(`${name}-step`, [LETTERS[note.step]!]),
      ...(note.alteration === 0 ? [] : [el(`${name}-alter`, [note.alteration])]),
    ]);
  return el('harmony', [
    step('root', chord.root),
    el('kind', [kind], { text }),
    ...(sameName(chord.bass, first) ? [] : [step('bass', chord.bass)]),
    ...degrees.map((d) =>
      el('degree', [
        el('degree-value', [d.degree]),
        el('degree-alter', [d.alter]),
        el('degree-type', [d.type]),
      ]),
    ),
  ]);
}

/** Where no chord is meant; the root is there because the format wants one. */
export function noChordHarmony(): XmlElement {
  return el('harmony', [
    el('root', [el('root-step', ['C'], { text: '' })]),
    el('kind', ['none'], { text: 'N.C.' }),
  ]);
}

/** The numeral, in plain text, under the staves. */
export function numeralHarmony(numeral: string, chord: Chord): XmlElement {
  return el('harmony', [el('function', [numeral]), el('kind', [chordKindOf(chord).kind], { text: '' })], {
    placement: 'below',
  });
}

const PREFIXES: Record<number, string> = {
  [-2]: 'flat-flat',
  [-1]: 'flat',
  0: 'natural',
  1: 'sharp',
  2: 'double-sharp',
};

/** Short figures; nothing where there are none. */
export function figuredBass(chord: Chord, key: Key): XmlElement[] {
  const figures: readonly Figure[] = shortFigures(chord, key);
  if (figures.length === 0) return [];
  const figure = ({ sign, number }: Figure) => {
    const alone = number === 3 && sign !== null;
    return el('figure', [
      ...(sign === null ? [] : [el('prefix', [PREFIXES[sign] ?? 'natural'])]),
      ...(alone ? [] : [el('figure-number', [number])]),
    ]);
  };
  return [el('figured-bass', figures.map(figure))];
}

/** Signature and mode; a key without a signature goes with the one that is printed for it. */
export function keyElement(key: Key): XmlElement {
  return el('key', [el('fifths', [printedFifths(key)]), el('mode', [key.mode])]);
}

export function tempoMark(tempo: number): XmlElement {
  const metronome = el('metronome', [el('beat-unit', ['quarter']), el('per-minute', [tempo])]);
  return el('direction', [el('direction-type', [metronome]), el('sound', [], { tempo })], {
    placement: 'above',
  });
}

/** A barline with its repeat, or the end of the piece. */
export function barline(
  location: 'left' | 'right',
  repeat: 'forward' | 'backward' | null,
  ended: string | null = null,
): XmlElement {
  const style = repeat === 'forward' ? 'heavy-light' : 'light-heavy';
  return el(
    'barline',
    [
      el('bar-style', [style]),
      ...(ended ? [endingElement(ended, 'stop')] : []),
      ...(repeat ? [el('repeat', [], { direction: repeat })] : []),
    ],
    { location },
  );
}

/** An ending that begins at the left of its bar. */
export function endingBegin(number: string): XmlElement {
  return el('barline', [endingElement(number, 'start')], { location: 'left' });
}

function endingElement(number: string, type: 'start' | 'stop'): XmlElement {
  return el('ending', [`${number}.`], { number, type });
}

export function timeElement({ over, under }: Metre): XmlElement {
  return el('time', [el('beats', [over]), el('beat-type', [under])]);
}

const TYPES: Record<NoteValue['part'], string> = {
  1: 'whole',
  2: 'half',
  4: 'quarter',
  8: 'eighth',
  16: '16th',
};

/** How a note or chord stands in its voice. */
export interface NoteOut {
  readonly notes: readonly Note[];
  /** Which of the notes carry an accidental. */
  readonly signs: readonly boolean[];
  readonly divisions: number;
  readonly value: NoteValue;
  readonly voice: number;
  readonly staff: number | null;
  readonly stem: 'up' | 'down' | null;
  /** Which of the notes go on from before, and which go on. */
  readonly tiedFrom: readonly boolean[];
  readonly tiedTo: readonly boolean[];
  readonly fermata: boolean;
  readonly lyric: string | null;
}

/** The note elements of a chord; a rest where it has no notes. */
export function noteElements(out: NoteOut): XmlElement[] {
  const { notes, signs, divisions, value, voice, staff, stem, tiedFrom, tiedTo, fermata, lyric } = out;
  const kind = [el('type', [TYPES[value.part]]), ...(value.dots === 1 ? [el('dot')] : [])];
  const tuplet = value.triplet
    ? [el('time-modification', [el('actual-notes', [3]), el('normal-notes', [2])])]
    : [];
  const placed = staff === null ? [] : [el('staff', [staff])];
  const words = lyric ? [el('lyric', [el('syllabic', ['single']), el('text', [lyric])], { number: 1 })] : [];
  if (notes.length === 0)
    return [
      el('note', [
        el('rest'),
        el('duration', [divisions]),
        el('voice', [voice]),
        ...kind,
        ...tuplet,
        ...placed,
        ...words,
      ]),
    ];
  return notes.map((note, index) => {
    const ties = [...(tiedFrom[index] ? ['stop'] : []), ...(tiedTo[index] ? ['start'] : [])];
    const notations = [
      ...ties.map((type) => el('tied', [], { type })),
      ...(fermata && index === 0 ? [el('fermata', [], { type: 'upright' })] : []),
    ];
    return el('note', [
      ...(index > 0 ? [el('chord')] : []),
      pitchElement(note),
      el('duration', [divisions]),
      ...ties.map((type) => el('tie', [], { type })),
      el('voice', [voice]),
      ...kind,
      ...(signs[index] && !tiedFrom[index] ? [accidentalElement(note)] : []),
      ...tuplet,
      ...(stem ? [el('stem', [stem])] : []),
      ...placed,
      ...(notations.length > 0 ? [el('notations', notations)] : []),
      ...(index === 0 ? words : []),
    ]);
  });
}
