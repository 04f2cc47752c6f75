import { halfSteps, intervalBetween, parseInterval, printInterval } from '../../interval/interval';
import type { Note } from '../../pitch/note';

/** The names by which simple intervals go that are heard alike: a tritone is both augmented and diminished. */
const NAMES = [
  ...['m2', 'M2', 'A2', 'm3', 'M3', 'd4', 'P4', 'A4', 'd5', 'P5', 'A5', 'm6', 'M6', 'd7', 'A6', 'm7'],
  ...['M7', 'P8', 'P1'],
];

/** Every name of the interval between two notes that sounds the same, that of its spelling first. */
export function namesHeardAlike(from: Note, to: Note): string[] {
  const interval = intervalBetween(from, to);
  const octave = interval.number > 8 ? 7 : 0;
  const alike = NAMES.flatMap((text) => {
    const one = parseInterval(text);
    const wider = { ...one, number: one.number + octave };
    return halfSteps(wider) === halfSteps(interval) ? [printInterval(wider)] : [];
  });
  const own = printInterval(interval);
  return [own, ...alike.filter((one) => one !== own)];
}
