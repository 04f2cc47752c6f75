import { midiNumber, type Note } from '../pitch/note';

/** The next inversion upward of notes from the lowest up: the lowest goes over the highest, whatever their spacing. */
export function turnedUp([lowest, ...others]: readonly Note[]): Note[] {
  if (!lowest) return [];
  let over = { ...lowest, octave: lowest.octave + 1 };
  const highest = others[others.length - 1];
  while (highest && midiNumber(over) < midiNumber(highest)) over = { ...over, octave: over.octave + 1 };
  return [...others, over];
}
