/** The Progressions bench as it is drawn: rows, accidentals within a bar, systems of a sheet, undoing. */
import {
  DEFAULT_LABEL_STYLE,
  moveBetween,
  parseKey,
  parseNote,
  placesOf,
  parseMetre,
  type FourNotes,
} from '@diatonix/core';
import { gridColumn } from '../src/benches/progressions/cells';
import { deriveProgression } from '../src/benches/progressions/derive';
import { handsOf, voicesOn, withAccidentals } from '../src/benches/progressions/drawing';
import { orderedRows, ROWS, shownRows } from '../src/benches/progressions/rows';
import { systemsOf } from '../src/columns/systems';
import type { Progression } from '../src/documents/kinds/progression/type';
import { progressionNow } from '../src/benches/progressions/desk';
import * as state from '../src/benches/progressions/state';
import { redo, undo } from '../src/documents/store/store';
import { documentsNow, showDemo } from './demo';

const open = () => progressionNow()!.body;
const A = parseKey('A major');
const SCOPE = () => ({ kinds: ['progression'], open: [progressionNow()!.id] });

beforeEach(showDemo);

/** The open line with a typed text, derived. */
function derived(text: string, part: Partial<Progression> = {}) {
  state.typeLine(text);
  return deriveProgression({ ...open(), ...part }, DEFAULT_LABEL_STYLE);
}

const cellsOf = (text: string, part?: Partial<Progression>, row = 'numeral') =>
  derived(text, part).map(
    (one, at, all) =>
      gridColumn(
        one,
        { first: at === 0, last: at === all.length - 1, timed: true, ending: null },
        null,
        DEFAULT_LABEL_STYLE,
        [],
      ).cells[row]?.text ?? '',
  );

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
    state.decide(open().columns[0]!.id, { answer: 'V7' });
    const [column] = deriveProgression(open(), DEFAULT_LABEL_STYLE);
    expect(
      gridColumn(
        column!,
        { first: true, last: false, timed: false, ending: null },
        null,
        DEFAULT_LABEL_STYLE,
        [],
      ).cells['numeral']!.text,
    ).toBe('answered V7');
  });

  test('notes of the melody that pass or clash say so', () => {
    state.typeLine('I IV V I');
    state.typeMelody('C#5 B4 / A4 / A4 / A4');
    const texts = deriveProgression(open(), DEFAULT_LABEL_STYLE).map(
      (one) =>
        gridColumn(
          one,
          { first: false, last: false, timed: false, ending: null },
          null,
          DEFAULT_LABEL_STYLE,
          [],
        ).cells['melody']!.text,
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
    () => state.decide(ids, { length: '1' }),
    () => state.decide(ids[0]!, { repeatStart: true }),
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
