/** Which systems of a piece are drawn again: only those in which something is drawn otherwise. */
import { planStaves, type SystemOptions } from '@diatonix/engraving/score';
import {
  placesByBar,
  addBar,
  editNote,
  parseMetre,
  parseNote,
  parseTypedVoices,
  type Score,
} from '@diatonix/core';
import { SteadySystems } from '../src/notation/sameDrawing';
import { SteadyLists } from '../src/columns/steadyLists';

const PIECE = parseTypedVoices(`S: ${'| C5 D5 E5 F5 '.repeat(8)}|\nB: ${'| C3:2 G3:2 '.repeat(8)}|`, {
  title: 'Groyne',
  fifths: 0,
  metre: parseMetre('4/4'),
});
const PLAN = planStaves(PIECE, false);

/** Two bars in each system, as they stand in a score. */
function systems(
  score: Score,
  over: Partial<SystemOptions> = {},
  bracketed: readonly number[] = [],
): SystemOptions[] {
  const inBars = placesByBar(score);
  return Array.from({ length: score.bars.length >> 1 }, (_, at) => ({
    score,
    plan: PLAN,
    bars: [2 * at, 2 * at + 2] as const,
    widths: score.bars.map(() => 100),
    width: 600,
    loose: false,
    inBars,
    bracketed: new Set(
      bracketed.filter((place) =>
        inBars
          .slice(2 * at, 2 * at + 2)
          .flat()
          .includes(place),
      ),
    ),
    ...over,
  }));
}

/** The systems that are other objects than before. */
function drawnAgain(before: SystemOptions[], after: SystemOptions[]): number[] {
  const steady = new SteadySystems();
  const old = steady.of(before);
  return steady.of(after).flatMap((one, at) => (one === old[at] ? [] : [at]));
}

/** A note of the upper voice, counted from 0, and one of the lower. */
const upper = (at: number) => at;
const lower = (at: number) => PIECE.notes.findIndex(({ part }) => part === 1) + at;

test('a piece that is set again as it was is not drawn again', () => {
  expect(drawnAgain(systems(PIECE), systems(PIECE))).toEqual([]);
  expect(drawnAgain(systems(PIECE), systems({ ...PIECE, notes: [...PIECE.notes] }))).toEqual([]);
});

test('a note of another pitch draws its own system, wherever its voice stands', () => {
  const moved = (place: number) => editNote(PIECE, place, { kind: 'pitch', note: parseNote('A4') }).score;
  expect(drawnAgain(systems(PIECE), systems(moved(upper(9))))).toEqual([1]);
  expect(drawnAgain(systems(PIECE), systems(moved(lower(13))))).toEqual([3]);
});

test('where notes come in, those after them stand at other places and are drawn again', () => {
  const place = upper(8);
  const { score } = editNote(PIECE, place, { kind: 'length', ticks: PIECE.notes[place]!.ticks / 2 });
  expect(score.notes.length).toBeGreaterThan(PIECE.notes.length);
  expect(drawnAgain(systems(PIECE), systems(score))).toContain(1);
});

test('brackets, widths and the end of the piece count where they stand', () => {
  expect(drawnAgain(systems(PIECE), systems(PIECE, {}, [upper(2)]))).toEqual([0]);
  const widths = PIECE.bars.map((_, at) => (at === 5 ? 140 : 100));
  expect(drawnAgain(systems(PIECE), systems(PIECE, { widths }))).toEqual([2]);
  // What was the last system has no final barline any more.
  const { bars } = addBar(addBar(PIECE).score).score;
  expect(drawnAgain(systems(PIECE), systems({ ...PIECE, bars }))).toEqual([3, 4]);
});

test('lists stay the objects that they were while they hold the same things', () => {
  const [a, b, c] = [{}, {}, {}];
  const lists = new SteadyLists<object>();
  const [first, second] = lists.of([[a], [b, c]]);
  const again = lists.of([[a], [c, b], [a]]);
  expect(again[0]).toBe(first);
  expect(again[1]).not.toBe(second);
  expect(again).toHaveLength(3);
});
