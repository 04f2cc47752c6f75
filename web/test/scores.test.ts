/** The Scores bench without a page: rulings that take each other's place, staves, widths of bars, note values. */
import {
  barSystems,
  barWidths,
  canClose,
  clefAt,
  piecesOf,
  planStaves,
  spelled,
  writtenPitch,
} from '@diatonix/engraving/score';
import {
  placesByBar,
  parseKey,
  parseMetre,
  parseNumeral,
  parseTypedVoices,
  rowsOfScore,
  TICKS_A_QUARTER,
  type ScoreRuling,
} from '@diatonix/core';
import { checkBody } from '../src/documents/checks/check';
import { documentsOf } from '../src/documents/store/select';
import { useDocuments } from '../src/documents/store/store';
import { pieceNow } from '../src/benches/scores/desk';
import { addScore, addTyped, closeStaves, modulate, rule, unrule, waive } from '../src/benches/scores/state';
import { openScoreFile } from '../src/workers/openScore';
import { readPieceFile } from '../src/workers/readPiece';
import { showEmpty } from './demo';

const METRE = parseMetre('4/4');
const typed = (text: string) => parseTypedVoices(text, { title: 'Groyne', fifths: 0, metre: METRE });
const C = parseKey('C major');
const time = (quarters: number) => quarters * TICKS_A_QUARTER;
const numeral = (text: string, from: number, to: number, key = C): ScoreRuling => ({
  kind: 'numeral',
  from: time(from),
  to: time(to),
  key,
  numeral: parseNumeral(text, key),
});
const rulings = () =>
  pieceNow()!.body.rulings.map(({ kind, from, to, numeral: own, key }) =>
    [kind, from, to, own ?? key].filter(Boolean).join(' '),
  );

beforeEach(showEmpty);

describe('rulings', () => {
  beforeEach(() => {
    addScore(rowsOfScore(typed('S: C5:4 D5:4 E5:4 C5:4\nB: C3:4 G2:4 C3:4 C3:4')));
  });

  test('a numeral takes the place of those whose time it shares', () => {
    rule(numeral('I', 0, 4));
    rule(numeral('V', 4, 8));
    rule(numeral('vi', 2, 6));
    rule(numeral('IV', 8, 12));
    expect(rulings()).toEqual(['numeral 2 6 vi', 'numeral 8 12 IV']);
  });

  test('a key takes the place of other keys and of numerals in other keys', () => {
    rule(numeral('I', 0, 4));
    rule(numeral('i', 4, 8, parseKey('A minor')));
    rule({ kind: 'key', from: 0, to: time(8), key: C });
    rule({ kind: 'key', from: time(4), to: time(12), key: parseKey('A minor') });
    expect(rulings()).toEqual(['numeral 0 4 I', 'key 4 12 A minor']);
  });

  test('a split and a join at one time take each other’s place; so do phrase ends', () => {
    rule({ kind: 'split', at: time(2) });
    rule({ kind: 'join', at: time(2) });
    rule({ kind: 'phrase-end', at: time(8) });
    rule({ kind: 'no-phrase-end', at: time(8) });
    expect(rulings()).toEqual(['join 2 2', 'no-phrase-end 8 8']);
    unrule(pieceNow()!.body.rulings[0]!);
    expect(rulings()).toEqual(['no-phrase-end 8 8']);
  });

  test('a ruled piece is sound for a file', () => {
    rule(numeral('V7', 4, 8));
    expect(checkBody('score', JSON.parse(JSON.stringify(pieceNow()!.body)))).toEqual([]);
  });
});

test('what cannot be typed is told and adds nothing', () => {
  expect(addTyped('S: C5 X5', { title: '', fifths: 0, metre: METRE })).toMatch(/X5|“X”/);
  expect(documentsOf(useDocuments.getState().documents, 'score')).toHaveLength(0);
});

test.each([
  ['a note that is none', { notes: ['0 1 1 0 1 H9 -'] }],
  ['no notes', { notes: [] }],
  ['a part too many in a note', { notes: ['5 1 1 0 1 C4 -'] }],
  ['bars that run backwards', { bars: ['1 4 0 4/4 -'] }],
])('%s is refused at the door', (_, broken) => {
  const rows = rowsOfScore(typed('S: C5 D5 E5 F5'));
  const body = {
    title: 'x',
    tempo: 80,
    score: { ...rows, ...broken },
    rulings: [],
    hidden: [],
    closed: true,
  };
  expect(checkBody('score', body)).not.toEqual([]);
});

describe('in the worker', () => {
  test('a file becomes rows, and rows a reading; what fails is told', () => {
    const xml =
      '<score-partwise><part-list><score-part id="P"><part-name>Oboe</part-name></score-part></part-list>' +
      '<part id="P"><measure number="1"><attributes><divisions>1</divisions></attributes>' +
      '<note><pitch><step>C</step><octave>5</octave></pitch><duration>4</duration></note>' +
      '</measure></part></score-partwise>';
    const opened = openScoreFile({ name: 'oboe.musicxml', bytes: new TextEncoder().encode(xml) });
    if (!opened.ok) throw new Error(opened.message);
    expect(opened.rows.parts.map(({ name }) => name)).toEqual(['Oboe']);
    const read = readPieceFile({
      modulation: 'usual',
      score: opened.rows,
      rulings: [{ kind: 'numeral', from: 'x', to: '4' }],
    });
    if (!('piece' in read)) throw new Error(JSON.stringify(read));
    expect(read.piece.reading.chords).toHaveLength(1);
    expect(openScoreFile({ name: 'oboe.txt', bytes: new Uint8Array() })).toMatchObject({ ok: false });
    expect(
      readPieceFile({ modulation: 'usual', score: { ...opened.rows, notes: ['nonsense'] }, rulings: [] }),
    ).toMatchObject({
      ok: false,
    });
  });
});

describe('drawing', () => {
  const four = typed('S: C5:4\nA: G4:4\nT: E4:4\nB: C3:4');

  test('four single parts close on two staves, others stand as written', () => {
    expect(canClose(four)).toBe(true);
    const closed = planStaves(four, true);
    expect(closed.staves.map(({ holds }) => holds)).toEqual([
      ['0 1', '1 1'],
      ['2 1', '3 1'],
    ]);
    expect([closed.staves[0]!.stems.get(0), closed.staves[0]!.stems.get(1)]).toEqual([1, -1]);
    expect(planStaves(four, false).staves).toHaveLength(4);
    expect(canClose(typed('S: C5:4\nB: C3:4'))).toBe(false);
  });

  test('staves far apart in pitch get the room that they need', () => {
    const high = planStaves(typed('S: C7:4'), false);
    const usual = planStaves(typed('S: C5:4'), false);
    expect(high.staves[0]!.top).toBeGreaterThan(usual.staves[0]!.top + 20);
  });

  test('words stand clear of low notes and their stems, and of what comes under them', () => {
    const staves = (lines: string) => {
      const score = typed(lines);
      const notes = score.notes.map((one) => ({ ...one, lyric: 'la' }));
      return planStaves({ ...score, notes }, false).staves;
    };
    const [plain] = staves('S: C5:4\nB: C3:4');
    const [low, under] = staves('S: C5:3 G3\nB: C3:4');
    // G3 lies 25 under the bottom line, 40 under the top one; its stem is 35 long.
    expect(low!.words).toBeGreaterThanOrEqual(40 + 25 + 35 - 5);
    expect(low!.words).toBeGreaterThan(plain!.words);
    expect(under!.top - low!.top - low!.words).toBeGreaterThan(30);
  });

  test('a part in B flat is drawn a whole step higher', () => {
    const sounding = { step: 0, alteration: 0, octave: 5 } as const;
    const staff = { transposition: { letters: -1, halfSteps: -2 }, octaves: [] };
    expect(writtenPitch(sounding, staff, 0)).toEqual({
      step: 1,
      alteration: 0,
      octave: 5,
    });
    expect(
      clefAt(
        {
          clefs: [
            { at: 0, clef: 'bass' },
            { at: 10, clef: 'tenor' },
          ],
        },
        12,
      ),
    ).toBe('tenor');
  });

  test.each([
    [TICKS_A_QUARTER, ['q']],
    [TICKS_A_QUARTER * 1.5, ['q.']],
    [TICKS_A_QUARTER * 1.75, ['q..']],
    [TICKS_A_QUARTER * 5, ['w', 'q']],
    [TICKS_A_QUARTER / 8, ['32']],
  ])('%i ticks are written as %j', (ticks, values) => {
    expect(spelled(ticks).map(({ code, dots }) => code + '.'.repeat(dots))).toEqual(values);
  });

  test('a voice is filled with gaps, cut at the barline, and its pieces add up to the bar', () => {
    const score = typed('S: r:1 C5:3 D5:6');
    const own = score.notes.map((_, at) => at);
    const first = piecesOf(score.notes, own, 0, time(4));
    expect(first.map(({ kind }) => kind)).toEqual(['rest', 'note']);
    const second = piecesOf(score.notes, own.slice(2), time(4), time(8));
    expect(second.map(({ ticks, first: begins, last }) => [ticks, begins, last])).toEqual([
      [time(4), true, false],
    ]);
  });

  test('bars fall into systems by their widths; a nearly empty last one shares', () => {
    expect(barSystems([100, 100, 100, 100], () => 250)).toEqual([
      [0, 2],
      [2, 4],
    ]);
    expect(barSystems([100, 100, 100, 100, 100], () => 400)).toEqual([
      [0, 3],
      [3, 5],
    ]);
    expect(barSystems([900], () => 300)).toEqual([[0, 1]]);
    const score = typed('S: | C5:2 D5:2 | C5:1/2 D5:1/2 E5:1/2 F5:1/2 G5:1/2 F5:1/2 E5:1/2 D5:1/2 |');
    const [calm, busy] = barWidths(score, placesByBar(score), []) as [number, number];
    expect(busy).toBeGreaterThan(calm * 1.5);
    const [labelled] = barWidths(score, placesByBar(score), [{ at: 0, room: 150 }]) as [number];
    expect(labelled).toBeGreaterThan(calm * 1.5);
  });
});

describe('what the teacher ruled stays', () => {
  const piece = () => rowsOfScore(typed('S: C5:4 D5:4 E5:4 C5:4\nB: C3:4 G2:4 C3:4 C3:4'));

  test('a piece that is opened again has the rulings, the threshold and the waived faults of before', () => {
    addScore(piece());
    rule(numeral('I', 0, 4));
    modulate('seldom');
    waive('4 parallel-fifths soprano bass', true);
    closeStaves(false);
    const before = pieceNow()!;
    addScore(piece());
    expect(pieceNow()!.id).not.toBe(before.id);
    expect(pieceNow()!.body).toEqual({ ...before.body, title: 'Groyne (2)' });
    expect(checkBody('score', pieceNow()!.body)).toEqual([]);
  });

  test('a piece of the same title but other bars begins with none', () => {
    addScore(piece());
    rule(numeral('I', 0, 4));
    addScore(rowsOfScore(typed('S: C5:4 D5:4\nB: C3:4 G2:4')));
    expect(pieceNow()!.body.rulings).toEqual([]);
  });

  test('another piece of the same title and size begins with none', () => {
    addScore(piece());
    rule(numeral('I', 0, 4));
    addScore(rowsOfScore(typed('S: G5:4 F5:4 E5:4 D5:4\nB: E3:4 D3:4 G2:4 G2:4')));
    expect(pieceNow()!.body.rulings).toEqual([]);
  });

  test('a fault is let stand, and counts again', () => {
    addScore(piece());
    waive('0 spacing soprano', true);
    waive('4 overlap alto', true);
    waive('0 spacing soprano', false);
    expect(pieceNow()!.body.waived).toEqual(['4 overlap alto']);
  });
});
