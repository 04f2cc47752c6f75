import { numberOfMark, type Score } from '@diatonix/core';
import type { VexFlow } from '../index';
import type { Made } from './systemOptions';

/** A slur from the note at a place of the score to that at another. */
interface Slur {
  readonly from: number;
  readonly to: number;
}

const SLURS = new WeakMap<Score['notes'], readonly Slur[]>();

/** The slurs of a score: each end closes the one of its number that was opened last in its part. */
function slursOf({ notes }: Score): readonly Slur[] {
  const known = SLURS.get(notes);
  if (known) return known;
  const slurs: Slur[] = [];
  const open = new Map<string, number>();
  const order = notes.flatMap(({ marks }, place) => (marks ? [place] : []));
  order.sort((a, b) => notes[a]!.onset - notes[b]!.onset);
  for (const place of order) {
    const { part, marks = [] } = notes[place]!;
    for (const mark of marks) {
      const number = numberOfMark(mark, 'slur-end');
      const from = number === null ? undefined : open.get(`${part} ${number}`);
      if (from === undefined) continue;
      slurs.push({ from, to: place });
      open.delete(`${part} ${number}`);
    }
    for (const mark of marks) {
      const number = numberOfMark(mark, 'slur');
      if (number !== null) open.set(`${part} ${number}`, place);
    }
  }
  SLURS.set(notes, slurs);
  return slurs;
}

/** The slurs of a system, also those that come in and go out of it, and at which note each stands. */
export function curvesOf({ Curve }: VexFlow, score: Score, made: readonly Made[]) {
  const all = slursOf(score);
  if (all.length === 0 || made.length === 0) return [];
  const byPlace = new Map<number, Made>();
  for (const one of made) for (const place of one.piece.places) byPlace.set(place, one);
  const times = made.map(({ piece }) => piece.onset);
  const [begin, end] = [Math.min(...times), Math.max(...times)];
  return all.flatMap(({ from, to }) => {
    const [first, last] = [byPlace.get(from), byPlace.get(to)];
    const [onset, ends] = [score.notes[from]!.onset, score.notes[to]!.onset];
    if (!first && !last) return [];
    // A grace note of the package has no place of its own: its slur is left to its group.
    if ((!first && onset >= begin) || (!last && ends <= end)) return [];
    return [{ curve: new Curve(first?.note, last?.note, {}), at: (first ?? last)! }];
  });
}
