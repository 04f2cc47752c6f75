import type { Score, WrittenNote } from './score';

/** A grace note after its note stands in the bar that ends where it does. */
const within = ({ onset, after }: WrittenNote): number => (after ? onset - 0.5 : onset);

/** For each bar the places of the notes that begin in it, in order. */
export function placesByBar({ bars, notes }: Pick<Score, 'bars' | 'notes'>): number[][] {
  const found: number[][] = bars.map(() => []);
  const order = notes.map((_, at) => at).sort((a, b) => within(notes[a]!) - within(notes[b]!));
  let bar = 0;
  for (const place of order) {
    while (bars[bar + 1] && bars[bar + 1]!.from <= within(notes[place]!)) bar++;
    found[bar]?.push(place);
  }
  return found;
}
