import type { Chord } from '../../chord';
import { sameName, LETTERS, type Note } from '../../pitch';
import { memberNote } from '../../chord';
import { signatureAlteration, signatureFifths, type Key } from '../../key';
import { shortFigures, type Figure } from '../../label';
import type { Setting } from '../../voicing';
import { kindOf } from './kinds';
import { accidentalElement, el, musicXmlDocument, pitchElement, type Node } from './xml';

/** One column as it goes to the file: its chord, its numeral in plain text, and its notes. */
export interface ScoreColumn {
  readonly chord: Chord;
  readonly numeral: string;
  readonly setting: Setting;
}

export interface ScoreOut {
  readonly title: string;
  readonly key: Key;
  /** Quarter notes a minute. */
  readonly tempo: number;
  readonly columns: readonly ScoreColumn[];
}

/**
 * Writes a progression as MusicXML 4.0, partwise: one part on two staves, one
 * chord a bar as half notes, each with its `harmony` (symbol, and numeral as
 * `function`) and `figured-bass`.
 */
export function writeMusicXml(score: ScoreOut): string {
  const measures = score.columns.map((column, index) => measure(column, index, score));
  return musicXmlDocument(score.title, 'Keyboard', measures.length > 0 ? measures : [emptyMeasure(score.key)]);
}

function attributesOf(key: Key): Node {
  const clef = (number: number, sign: string, line: number) => el('clef', [el('sign', [sign]), el('line', [line])], { number });
  return el('attributes', [
    el('divisions', [1]),
    el('key', [el('fifths', [signatureFifths(key)]), el('mode', [key.mode])]),
    el('time', [el('beats', [2]), el('beat-type', [4])]),
    el('staves', [2]),
    clef(1, 'G', 2),
    clef(2, 'F', 4),
  ]);
}

function emptyMeasure(key: Key): Node {
  return el('measure', [attributesOf(key), ...staffNotes([], 1, 1, key)], { number: 1 });
}

function measure(column: ScoreColumn, index: number, score: ScoreOut): Node {
  const first = index === 0 ? [attributesOf(score.key), tempoMark(score.tempo)] : [];
  const last = index === score.columns.length - 1 ? [el('barline', [el('bar-style', ['light-heavy'])], { location: 'right' })] : [];
  return el(
    'measure',
    [
      ...first,
      harmony(column),
      numeralHarmony(column),
      figuredBass(shortFigures(column.chord, score.key)),
      ...staffNotes(column.setting.upper, 1, 1, score.key),
      el('backup', [el('duration', [2])]),
      ...staffNotes(column.setting.lower, 5, 2, score.key),
      ...last,
    ].filter((node): node is Node => node !== null),
    { number: index + 1 },
  );
}

function tempoMark(tempo: number): Node {
  const metronome = el('metronome', [el('beat-unit', ['quarter']), el('per-minute', [tempo])]);
  return el('direction', [el('direction-type', [metronome]), el('sound', [], { tempo })], { placement: 'above' });
}

function harmony({ chord }: ScoreColumn): Node {
  const { kind, text, degrees } = kindOf(chord);
  const first = chord.members[0] ? memberNote(chord.root, chord.members[0]) : chord.root;
  const step = (name: string, note: { step: number; alteration: number }) =>
    el(name, [el(`${name}-step`, [LETTERS[note.step]!]), ...(note.alteration === 0 ? [] : [el(`${name}-alter`, [note.alteration])])]);
  return el('harmony', [
    step('root', chord.root),
    el('kind', [kind], { text }),
    ...(sameName(chord.bass, first) ? [] : [step('bass', chord.bass)]),
    ...degrees.map((d) => el('degree', [el('degree-value', [d.degree]), el('degree-alter', [d.alter]), el('degree-type', [d.type])])),
  ]);
}

function numeralHarmony({ chord, numeral }: ScoreColumn): Node {
  return el('harmony', [el('function', [numeral]), el('kind', [kindOf(chord).kind], { text: '' })], { placement: 'below' });
}

const PREFIXES: Record<number, string> = { [-2]: 'flat-flat', [-1]: 'flat', 0: 'natural', 1: 'sharp', 2: 'double-sharp' };

function figuredBass(figures: readonly Figure[]): Node | null {
  if (figures.length === 0) return null;
  return el(
    'figured-bass',
    figures.map((figure) => {
      const prefix = figure.sign === null ? [] : [el('prefix', [PREFIXES[figure.sign] ?? 'natural'])];
      const alone = figure.number === 3 && figure.sign !== null;
      return el('figure', [...prefix, ...(alone ? [] : [el('figure-number', [figure.number])])]);
    }),
  );
}

function staffNotes(notes: readonly Note[], voice: number, staff: number, key: Key): Node[] {
  const tail = [el('duration', [2]), el('voice', [voice]), el('type', ['half'])];
  const fifths = signatureFifths(key);
  if (notes.length === 0) return [el('note', [el('rest'), ...tail, el('staff', [staff])])];
  return notes.map((note, index) =>
    el('note', [
      ...(index > 0 ? [el('chord')] : []),
      pitchElement(note),
      ...tail,
      ...(note.alteration === signatureAlteration(fifths, note.step) ? [] : [accidentalElement(note)]),
      el('staff', [staff]),
    ]),
  );
}
