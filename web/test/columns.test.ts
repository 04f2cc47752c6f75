/**
 * What the benches show, derived from the workbook: the same objects while nothing changed, and the texts
 * that a screen reader says.
 */
import { chordColumns, chordsOfView, closeNotes } from '../src/benches/chords/columns';
import { intervalColumns, markOf, pairOf } from '../src/benches/intervals/columns';
import { mapFrame, mapGridColumns, mapRows, otherHomes, stackNotes } from '../src/benches/key/columns';
import { GridColumns } from '../src/benches/progressions/columns';
import { deriveProgression } from '../src/benches/progressions/derive';
import { NO_PARTS } from '../src/benches/progressions/useFourParts';
import { accidentalSigns, spoken } from '../src/design/signs';
import {
  DEFAULT_LABEL_STYLE,
  parseKey,
  parseNote,
  parseSymbol,
  printedFifths,
  printNote,
  printSymbol,
  chordMap,
} from '@diatonix/core';
import type { Progression } from '../src/documents/kinds/progression/type';
import { DEMO_LINES, demoBody } from './demo';

const waltz = DEMO_LINES[0]!;
const A = parseKey('A major');
const PLAIN = { blank: [], pattern: 'block' } as const;
const texts = (columns: readonly { cells: Readonly<Record<string, { text: string }>> }[], row: string) =>
  columns.map((c) => c.cells[row]?.text ?? '');

describe('progressions', () => {
  test('a changed column is derived anew and those that it does not concern stay the very same objects', () => {
    const grid = new GridColumns();
    const first = grid.build(
      deriveProgression(waltz, DEFAULT_LABEL_STYLE),
      A,
      DEFAULT_LABEL_STYLE,
      null,
      PLAIN,
      NO_PARTS,
    );
    const changed: Progression = {
      ...waltz,
      columns: waltz.columns.map((c, i) =>
        i === 6 ? { id: c.id, entry: { kind: 'numeral', text: 'vi' } } : c,
      ),
    };
    const second = grid.build(
      deriveProgression(changed, DEFAULT_LABEL_STYLE),
      A,
      DEFAULT_LABEL_STYLE,
      null,
      PLAIN,
      NO_PARTS,
    );
    expect(second.map((c, i) => c === first[i])).toEqual([true, true, true, true, true, false, false]);
    expect(texts(second, 'symbol')[6]).toBe('F♯m');
  });

  test('another key or school derives everything anew', () => {
    const before = deriveProgression(waltz, DEFAULT_LABEL_STYLE);
    const german = deriveProgression(waltz, { ...DEFAULT_LABEL_STYLE, letters: 'german' });
    expect(german.every((d, i) => d !== before[i])).toBe(true);
    const columns = new GridColumns().build(
      german,
      A,
      { ...DEFAULT_LABEL_STYLE, letters: 'german' },
      null,
      PLAIN,
      NO_PARTS,
    );
    expect(texts(columns, 'notes')[3]).toBe('H D Fis');
  });

  test('unread text stands in its place with its reason, and the settings pass it by', () => {
    const broken: Progression = {
      ...waltz,
      columns: [waltz.columns[0]!, { id: 'x', unread: 'Vxyz' }, waltz.columns[5]!],
    };
    const derived = deriveProgression(broken, DEFAULT_LABEL_STYLE);
    expect(derived.map((d) => d.setting !== null)).toEqual([true, false, true]);
    const [, bad] = new GridColumns().build(derived, A, DEFAULT_LABEL_STYLE, null, PLAIN, NO_PARTS);
    expect(bad).toMatchObject({
      problem: 'Vxyz',
      sentence: expect.stringMatching(/^measure 2, not understood: “Vxyz”/) as string,
    });
  });

  test('every column is heard as one sentence', () => {
    const columns = new GridColumns().build(
      deriveProgression(waltz, DEFAULT_LABEL_STYLE),
      A,
      DEFAULT_LABEL_STYLE,
      null,
      PLAIN,
      NO_PARTS,
    );
    expect(columns[2]!.sentence).toBe(
      'measure 3, F sharp dominant seventh over A sharp, V six-five of ii, goes to the next',
    );
    expect(texts(columns, 'function')).toEqual([
      'tonic',
      'tonic',
      'to ii',
      'pre-dom.',
      'pre-dom.',
      'dominant',
      'tonic',
    ]);
    expect(texts(columns, 'degrees')[2]).toBe('6 ♯1 3 5');
  });
});

describe('keys', () => {
  const bench = { ...demoBody('key') };

  test('rows grow with the stacks and with what is asked for', () => {
    const ids = (part: Partial<typeof bench>, school = DEFAULT_LABEL_STYLE) =>
      mapRows({ ...bench, ...part }, 'major', school).map((r) => r.id);
    expect(ids({ top: 5 })).toEqual([
      'number',
      'step',
      'fifth',
      'third',
      'root',
      'gaps',
      'quality',
      'numeral',
      'symbol',
      'degree',
      'taught',
    ]);
    expect(ids({ top: 13 })).toEqual(expect.arrayContaining(['thirteenth', 'eleventh', 'ninth', 'seventh']));
    expect(ids({ fingering: true })).toEqual(expect.arrayContaining(['right', 'left']));
    expect(ids({}, { ...DEFAULT_LABEL_STYLE, solfege: 'do-minor' })).toContain('solfege');
    expect(
      mapRows({ ...bench, fingering: true }, 'dorian', DEFAULT_LABEL_STYLE).map((r) => r.id),
    ).not.toContain('right');
    expect(mapFrame(13).height).toBeGreaterThan(mapFrame(7).height);
  });

  test('columns of a key, muted where not yet taught', () => {
    const columns = mapGridColumns(
      { ...bench, top: 7, fingering: true },
      { major: [3], minor: [], sevenths: { major: [5], minor: [] } },
      { ...DEFAULT_LABEL_STYLE, solfege: 'do-minor' },
      null,
    );
    expect(texts(columns, 'symbol')).toEqual(['Amaj7', 'Bm7', 'C♯m7', 'Dmaj7', 'E7', 'F♯m7', 'G♯m7♭5']);
    expect(texts(columns, 'solfege')).toEqual(['do', 're', 'mi', 'fa', 'sol', 'la', 'ti']);
    expect(columns.map((c) => c.muted)).toEqual([false, false, true, false, true, false, false]);
    expect(texts(columns, 'taught')).toEqual([
      'taught',
      'taught',
      'not yet',
      'taught',
      'triad',
      'taught',
      'taught',
    ]);
    expect(columns[2]!.sentence).toBe(
      'degree 3, mediant, a half step to the next, C sharp minor seventh, iii seven, not yet taught',
    );
  });

  test('stacks stand in the clef’s own octaves, tall ones lower', () => {
    const stack = (clef: 'treble' | 'bass', top: 5 | 13) =>
      stackNotes(chordMap(A, top)[0]!, A, clef).map(printNote).join(' ');
    expect(stack('treble', 5)).toBe('A4 C#5 E5');
    expect(stack('bass', 5)).toBe('A2 C#3 E3');
    expect(stack('treble', 13)).toBe('A3 C#4 E4 G#4 B4 D5 F#5');
    expect([printedFifths(A), printedFifths(parseKey('G# major'))]).toEqual([3, 0]);
    expect(otherHomes(chordMap(A, 5)[0]!, A).every(({ key }) => key !== A)).toBe(true);
  });
});

describe('intervals', () => {
  const bench = demoBody('intervals');

  test('a line with compound, descending and unreadable intervals', () => {
    const items = [
      { id: 'a', from: 'D4', to: 'F#5' },
      { id: 'b', from: 'C5', to: 'A4' },
      { id: 'c', unread: 'C4 d1' },
      { id: 'd', from: 'C4', to: 'C#5' },
    ];
    const columns = intervalColumns({ ...bench, key: 'C major', items }, DEFAULT_LABEL_STYLE, null);
    expect(texts(columns, 'number')).toEqual(['10 · tenth', '3 · third down', '', '8 · octave']);
    expect(texts(columns, 'check')).toEqual(['3 + 6 = 9 · M ↔ m', '3 + 6 = 9 · m ↔ M', '', '']);
    expect(texts(columns, 'inversion')[3]).toBe('none within the octave');
    expect(columns[2]).toMatchObject({
      problem: 'C4 d1',
      sentence: expect.stringMatching(/diminished unison/) as string,
    });
    expect(columns[1]!.sentence).toBe('interval 2, C down to A, minor third');
    expect(pairOf({ id: 'x', unread: 'C4 G4' })).toMatchObject({ ok: true });
  });

  test('names stay blank until they are right', () => {
    const naming = { ...bench, naming: true, answers: { iv1: 'm6', iv2: 'M7' } };
    const columns = intervalColumns(naming, DEFAULT_LABEL_STYLE, null);
    expect(texts(columns, 'number').slice(0, 3)).toEqual(['m6, wrong', '7 · seventh', 'to be named']);
    expect(columns[0]!.sentence).toBe('interval 1, B to G sharp, answered m6, wrong');
    expect(columns[2]!.sentence).toBe('interval 3, B to D sharp, to be named');
    const { mark } = markOf(naming, 'iv1', { from: parseNote('B3'), to: parseNote('G#4') });
    expect(mark!.verdict).toBe('wrong');
    expect(mark!.causes[0]!.mistakes).toEqual(['signature-forgotten']);
    expect(markOf(naming, 'iv9', { from: parseNote('B3'), to: parseNote('G#4') }).mark).toBeNull();
  });
});

describe('chords', () => {
  const bench = { ...demoBody('chord'), view: 'inversions' as const };

  test('inversions with gaps as they stand, figures in the key, and fingerings', () => {
    const chords = chordsOfView(parseSymbol('C'), 'inversions');
    const columns = chordColumns(chords, { ...bench, key: 'C major' }, DEFAULT_LABEL_STYLE, null);
    expect(texts(columns, 'notes')).toEqual(['C E G', 'E G C', 'G C E']);
    expect(texts(columns, 'gaps')).toEqual(['4 · 3', '3 · 5', '5 · 4']);
    expect(texts(columns, 'figures')).toEqual(['', '6', '6 4']);
    expect(texts(columns, 'right')).toEqual(['1 3 5', '1 2 5', '1 3 5']);
    expect(texts(columns, 'left')).toEqual(['5 3 1', '5 3 1', '5 2 1']);
    expect(columns[1]!.sentence).toBe('C major over E, first inversion');
  });

  test('families leave out what could not be written', () => {
    expect(chordsOfView(parseSymbol('C'), 'triads').map((c) => printSymbol(c))).toEqual([
      'C',
      'Cm',
      'Cdim',
      'C+',
      'Csus2',
      'Csus4',
    ]);
    const far = chordsOfView(parseSymbol('Fbb'), 'sevenths');
    expect(far.length).toBeGreaterThan(0);
    expect(far.length).toBeLessThan(7);
    expect(closeNotes(parseSymbol('Am7/E'), 'bass').map(printNote)).toEqual(['E3', 'G3', 'A3', 'C4']);
  });
});

test('plain accidental letters become signs, and signs are spoken', () => {
  expect(
    ['b7', 'bVII7', 'subV7', '#11', 'bb', 'n', '7b9#11', 'maj7', 'add9', '#'].map(accidentalSigns),
  ).toEqual(['♭7', '♭VII7', 'subV7', '♯11', '𝄫', '♮', '7♭9♯11', 'maj7', 'add9', '♯']);
  expect(spoken('F♯7/A♯')).toBe('F sharp 7/A sharp');
});
