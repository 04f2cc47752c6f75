/**
 * The Progressions bench beyond its labels: bars, listening, rows, accidentals within a bar, systems of a
 * sheet, and every edit undone as one.
 */
import {
  DEFAULT_SCHOOL,
  moveBetween,
  parseKey,
  parseNote,
  placesOf,
  parseMetre,
  printNote,
  type FourNotes,
} from '@diatonix/core';
import { gridColumn } from '../src/benches/progressions/cells';
import { placeWords } from '../src/benches/progressions/placeWords';
import { GridColumns } from '../src/benches/progressions/columns';
import { deriveProgression } from '../src/benches/progressions/derive';
import { handsOf, voicesOn, withAccidentals } from '../src/benches/progressions/drawing';
import { countInOf, secondsOf, soundingOf, type Version } from '../src/benches/progressions/listening';
import { orderedRows, ROWS, shownRows } from '../src/benches/progressions/rows';
import { NO_PARTS } from '../src/benches/progressions/useFourParts';
import { systemsOf } from '../src/columns/systems';
import type { Progression } from '../src/documents/kinds/progression';
import { openNow } from '../src/benches/progressions/desk';
import * as state from '../src/benches/progressions/state';
import { redo, undo } from '../src/documents/store';
import { documentsNow, showDemo } from './demo';

const open = () => openNow()!.body;
const A = parseKey('A major');
const SCOPE = () => ({ kinds: ['progression'], open: [openNow()!.id] });

beforeEach(showDemo);

/** The open line with a typed text, derived. */
function derived(text: string, part: Partial<Progression> = {}) {
  state.typeLine(text);
  return deriveProgression({ ...open(), ...part }, DEFAULT_SCHOOL);
}

const cellsOf = (text: string, part?: Partial<Progression>, row = 'numeral') =>
  derived(text, part).map(
    (one, at, all) =>
      gridColumn(
        one,
        { first: at === 0, last: at === all.length - 1, timed: true, ending: null },
        null,
        DEFAULT_SCHOOL,
        [],
      ).cells[row]?.text ?? '',
  );

describe('bars', () => {
  test('places are said as bar and beat, halves and thirds of a beat as such', () => {
    const places = placesOf(
      [{ length: '1/2' }, { length: '2/3' }, { length: '17/6' }, {}],
      parseMetre('4/4'),
    );
    expect(places.map(placeWords)).toEqual([
      'bar 1 beat 1',
      'bar 1 beat 1½',
      'bar 1 beat 2 and 1/6',
      'bar 2 beat 1',
    ]);
    expect(placeWords(placesOf([{ length: '2' }], parseMetre('2/4'))[0]!)).toBe('bar 1');
  });

  test('barlines, repeats and phrase ends stand after their columns', () => {
    const columns = new GridColumns().build(
      derived('|: I:1 V:1 | vi:2 :| ii:2 | I:2 |'),
      A,
      DEFAULT_SCHOOL,
      null,
      open(),
      NO_PARTS,
    );
    expect(columns.map(({ before, after }) => [before, after])).toEqual([
      ['repeat', undefined], [undefined, 'single'], [undefined, 'repeat'], [undefined, 'single'], [undefined, undefined],
    ]); // prettier-ignore
  });

  test('lengths come from the line and go with it; other decisions stay with their chords', () => {
    state.typeLine('I IV V I');
    const id = open().columns[1]!.id;
    state.rule(id, { words: 'sails', ruling: { key: 'A major', numeral: 'IV' } });
    state.typeLine('| I:1 IV:1 | V I |');
    expect(open().columns[1]).toMatchObject({ id, length: '1', words: 'sails', ruling: { numeral: 'IV' } });
    state.typeLine('I IV V I');
    expect(open().columns.map(({ length }) => length)).toEqual([undefined, undefined, undefined, undefined]);
    state.typeLine('I ii V I');
    expect(open().columns[1]).toMatchObject({ id, words: 'sails' });
    expect(open().columns[1]!.ruling).toBeUndefined();
  });

  test('a chord put into a line with bars is as long as the one before it', () => {
    state.typeLine('| I:1 IV:1 |');
    state.addEntry({ kind: 'numeral', text: 'V' }, open().columns[0]!.id);
    expect(open().columns.map(({ length }) => length)).toEqual(['1', '1', '1']);
  });
});

describe('listening', () => {
  const four = (...notes: string[]) => notes.map(parseNote) as unknown as FourNotes;
  const version = (text: string, part: Partial<Version> = {}): Version => ({
    derived: derived(text),
    voices: [],
    pattern: 'block',
    tempo: 120,
    ...part,
  });

  test('repeats are played, columns last as long as they are written, and the mark goes along', () => {
    const line = soundingOf(version('|: I:1 V:1 :| I:3 |'), 'all');
    expect(line.map(({ column, seconds }) => [column, seconds])).toEqual([
      [0, 0.5],
      [1, 0.5],
      [0, 0.5],
      [1, 0.5],
      [2, 1.5],
    ]);
    expect(soundingOf(version('I V vi IV'), 'all', 1, 2).map(({ column }) => column)).toEqual([1, 2]);
  });

  test('one voice alone, and nothing where there are no voices', () => {
    const voices = [four('C#5', 'E4', 'A3', 'A2'), four('B4', 'E4', 'G#3', 'E3')];
    const tenor = soundingOf(version('I V', { voices }), 'tenor');
    expect(tenor.map(({ notes }) => notes.map(({ note }) => printNote(note)))).toEqual([['A3'], ['G#3']]);
    expect(soundingOf(version('I V'), 'tenor').every(({ notes }) => notes.length === 0)).toBe(true);
  });

  test('a melody is heard with its chords, note after note', () => {
    state.typeLine('I IV');
    state.typeMelody('C#5 B4 / A4');
    const line = soundingOf(
      {
        derived: deriveProgression(open(), DEFAULT_SCHOOL),
        voices: [],
        pattern: 'block',
        tempo: 60,
      },
      'melody',
    );
    const melody = line.map(({ notes }) =>
      notes.slice(-2).map(({ note, from, to }) => `${printNote(note)} ${from}–${to}`),
    );
    expect(melody[0]).toEqual(['C#5 0–1', 'B4 1–2']);
    expect(melody[1]!.at(-1)).toBe('A4 0–2');
  });

  test('a broken chord is played in steps under a held bass', () => {
    const [column] = soundingOf(version('I', { pattern: 'broken' }), 'all');
    expect(column!.notes.map(({ from, to }) => [from, to])).toEqual([
      [0, 1],
      [0, 0.25],
      [0.25, 0.5],
      [0.5, 0.75],
      [0.75, 1],
    ]);
  });

  test('one bar of beats is counted in: three eighths a beat in six-eight', () => {
    expect(countInOf({ metre: '3/4', tempo: 60 })).toEqual({ beats: 3, seconds: 1 });
    expect(countInOf({ metre: '6/8', tempo: 60 })).toEqual({ beats: 2, seconds: 1.5 });
    expect(secondsOf(20_160, 120)).toBe(1);
  });
});

describe('rows', () => {
  test('go in the chosen order; written rows stand only where something is written', () => {
    expect(
      orderedRows(['symbol', 'numeral'])
        .map(({ id }) => id)
        .slice(0, 2),
    ).toEqual(['symbol', 'numeral']);
    expect(orderedRows([])).toEqual(ROWS);
    const ids = (part: Partial<Progression>) => shownRows({ ...open(), ...part }).map(({ id }) => id);
    expect(ids({})).not.toContain('words');
    expect(ids({ columns: [{ id: 'x', entry: { kind: 'numeral', text: 'I' }, words: 'oh' }] })).toContain(
      'words',
    );
    expect(ids({ hidden: [], view: 'keyboard' })).toContain('fingers');
    expect(ids({ hidden: [], view: 'four-part' })).not.toContain('fingers');
    expect(ids({ view: 'four-part' }).at(-1)).toBe('faults');
  });

  test('a chord to be worked back shows only what is drawn, and the answer', () => {
    expect(cellsOf('[? ?]> ii')).toEqual(['to be worked back', 'to be worked back', 'ii']);
    expect(cellsOf('[? ?]> ii', {}, 'targets')).toEqual([
      'ii of the next',
      'V of the bracket, goes to the next',
      'target',
    ]);
    expect(cellsOf('[? ?]> ii', {}, 'symbol')).toEqual(['', '', 'Bm']);
    state.typeLine('?> I');
    state.rule(open().columns[0]!.id, { answer: 'V7' });
    const [column] = deriveProgression(open(), DEFAULT_SCHOOL);
    expect(
      gridColumn(column!, { first: true, last: false, timed: false, ending: null }, null, DEFAULT_SCHOOL, [])
        .cells['numeral']!.text,
    ).toBe('answered V7');
  });

  test('notes of the melody that pass or clash say so', () => {
    state.typeLine('I IV V I');
    state.typeMelody('C#5 B4 / A4 / A4 / A4');
    const texts = deriveProgression(open(), DEFAULT_SCHOOL).map(
      (one) =>
        gridColumn(one, { first: false, last: false, timed: false, ending: null }, null, DEFAULT_SCHOOL, [])
          .cells['melody']!.text,
    );
    expect(texts).toEqual(['C♯, B passes', 'A', 'A clashes with the chord', 'A']);
  });
});

describe('drawing', () => {
  const setting = (upper: string, lower: string) => ({
    upper: upper.split(' ').map(parseNote),
    lower: lower.split(' ').map(parseNote),
  });
  const bars = (lengths: readonly string[], metre: string) =>
    placesOf(
      lengths.map((length) => ({ length })),
      parseMetre(metre),
    );

  test('an accidental holds to the end of its bar, for its own octave and staff', () => {
    const columns = ['A#4 E5', 'A#4 F#5', 'A4 E5'].map((upper) =>
      handsOf(setting(upper, 'A3'), 'block', 20_160),
    );
    const signs = (places: ReturnType<typeof bars>) =>
      withAccidentals(
        columns,
        places,
        places.map(() => 3),
      ).map((staves) => staves![0]!.signs!.map((own) => own.map(Number).join('')).join('|'));
    expect(signs(bars(['2', '2', '2'], '6/4'))).toEqual(['10', '00', '10']);
    expect(signs(bars(['2', '2', '2'], '2/4'))).toEqual(['10', '10', '00']);
  });

  test('the two voices of a staff share its accidentals, each with its own', () => {
    const staves = withAccidentals(
      [voicesOn(['A#4', 'E4', 'C#4', 'A2'].map(parseNote) as unknown as FourNotes, [], 20_160)],
      bars(['2'], '2/4'),
      [3],
    )[0]!;
    expect(staves[0]!.signs).toEqual([[true], [false]]);
  });

  test('note values follow the lengths', () => {
    const values = ['4', '3', '2', '3/2', '1', '1/2', '5'].map(
      (length) => handsOf(setting('E4', 'A2'), 'block', bars([length], '6/4')[0]!.ticks)[0]!.value,
    );
    expect(values).toEqual(['w', 'hd', 'h', 'qd', 'q', '8', 'w']);
    expect(
      handsOf(setting('C#4 E4 A4', 'A2'), 'broken', 20_160).map(({ value, then }) => [
        value,
        then?.length ?? 0,
      ]),
    ).toEqual([
      ['8', 3],
      ['h', 0],
    ]);
  });

  test('systems hold as many columns as fit, and break at a barline where there is one', () => {
    const columns = (bars: string) => [...bars].map((bar) => ({ width: 10, barred: bar === '|' }));
    expect(systemsOf(columns('......'), 40)).toEqual([
      [0, 3],
      [4, 5],
    ]);
    expect(systemsOf(columns('.|..|..'), 40)).toEqual([
      [0, 1],
      [2, 4],
      [5, 6],
    ]);
    expect(systemsOf([{ width: 99, barred: false }], 40)).toEqual([[0, 0]]);
    expect(systemsOf([], 40)).toEqual([]);
  });
});

test('every edit of a line is undone as one', () => {
  state.typeLine('A D E7 A');
  const ids = open().columns.map(({ id }) => id);
  const edits: (() => void)[] = [
    () => state.rule(ids, { length: '1' }),
    () => state.rule(ids[0]!, { repeatStart: true }),
    () => state.setSource('Exercise book'),
    () => state.typeMelody('A4'),
    () => state.arrange({ metre: '3/4' }),
    () => state.arrange({ weights: { overlap: 2 } }),
    () => state.arrange({ order: ['symbol'] }),
    () => state.arrange({ pattern: 'low-high' }),
    () => state.lockVoice(0, new Map(ids.map((id) => [id, 'A4']))),
    () => state.lockVoice(0, new Map(ids.map((id) => [id, null]))),
    () => void state.transposeLine(moveBetween(A, parseKey('C major')), [1, 2]),
    () => state.replaceEntries(new Map([[ids[2]!, { kind: 'sought', text: '?>' }]])),
    () => state.removeColumns(ids.slice(1, 3)),
  ];
  for (const edit of edits) {
    const before = documentsNow();
    edit();
    const after = documentsNow();
    expect(after).not.toEqual(before);
    undo(SCOPE());
    expect(documentsNow()).toEqual(before);
    redo(SCOPE());
    expect(documentsNow()).toEqual(after);
  }
});
