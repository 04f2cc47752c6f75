import { keyFromSignature, type Key } from './key';
import { signatureNotes } from './scale';
import type { NoteName } from '../pitch/note';

/**
 * One of the twelve places of the circle: its signature, or two that sound the same, with the keys of each.
 */
export interface CirclePlace {
  /** Sharps (positive) or flats; two values where sharps and flats meet. */
  readonly fifths: readonly number[];
  readonly major: readonly Key[];
  readonly minor: readonly Key[];
}

/** Where sharps and flats meet: five, six and seven sharps sound like seven, six and five flats. */
const MEETING = 5;

/** The circle of fifths clockwise from the key without sharps or flats: twelve places. */
export function circleOfFifths(): readonly CirclePlace[] {
  return CIRCLE;
}

const CIRCLE: readonly CirclePlace[] = Array.from({ length: 12 }, (_, place) => {
  const sharps = place <= MEETING + 2 ? [place] : [];
  const flats = place >= MEETING ? [place - 12] : [];
  const fifths = place <= 6 ? [...sharps, ...flats] : [...flats, ...sharps];
  return {
    fifths,
    major: fifths.map((count) => keyFromSignature(count, 'major')),
    minor: fifths.map((count) => keyFromSignature(count, 'minor')),
  };
});

/** The order in which sharps are added to a signature; flats come in the reverse order of letters. */
export function orderOfSharps(): readonly NoteName[] {
  return signatureNotes(keyFromSignature(7, 'major'));
}

export function orderOfFlats(): readonly NoteName[] {
  return signatureNotes(keyFromSignature(-7, 'major'));
}
