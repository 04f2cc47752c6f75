import { attempt } from '../errors';
import { halfSteps, intervalUp } from '../interval/interval';
import { sameName, type NoteName } from '../pitch/note';
import { describe } from './describe';
import { dropDoublings, identify, type ChordReading } from './identify';

/** What notes are that are no stack of thirds, or another way to see them. Names from the lowest up. */
export type NonTertian =
  | { readonly kind: 'quartal' | 'quintal' | 'cluster'; readonly notes: readonly NoteName[] }
  | {
      readonly kind: 'polychord';
      readonly upper: readonly NoteName[];
      readonly lower: readonly NoteName[];
      readonly upperRoot: NoteName;
      readonly lowerRoot: NoteName;
    }
  | { readonly kind: 'none'; readonly notes: readonly NoteName[] };

/** Readings dearer than this explain too little to be called a chord of thirds. */
const NO_CHORD_OF_THIRDS = 6.6;

/** Whether a name in thirds explains the notes. */
export function isFarFetched(reading: ChordReading): boolean {
  return reading.cost > NO_CHORD_OF_THIRDS;
}

/**
 * Chords of fourths or fifths in a row, clusters of seconds, and a triad over another triad, as notes given
 * from the lowest up show them (common practice of twentieth-century harmony); `none` where not even thirds
 * explain the notes; else null.
 */
export function nonTertian(notes: readonly NoteName[]): NonTertian | null {
  const distinct = dropDoublings(notes);
  if (distinct.length < 2) return null;
  if (distinct.length >= 3) {
    const steps = distinct.slice(1).map((note, i) => {
      const { number } = intervalUp(distinct[i]!, note);
      return { number, halfSteps: halfSteps(intervalUp(distinct[i]!, note)) };
    });
    const perfect = (number: number, size: number) =>
      steps.every((step) => step.number === number) && steps.some((step) => step.halfSteps === size);
    if (perfect(4, 5)) return { kind: 'quartal', notes: distinct };
    if (perfect(5, 7)) return { kind: 'quintal', notes: distinct };
    if (steps.every((step) => step.number <= 2)) return { kind: 'cluster', notes: distinct };
  }
  return polychord(distinct) ?? (isUnexplained(distinct) ? { kind: 'none', notes: distinct } : null);
}

function isUnexplained(distinct: readonly NoteName[]): boolean {
  const read = attempt(() => identify(distinct)[0]);
  return read.ok && read.value !== undefined && isFarFetched(read.value);
}

/** Six notes of which the lower three and the upper three are each a major or minor triad. */
function polychord(distinct: readonly NoteName[]): NonTertian | null {
  if (distinct.length !== 6) return null;
  const lower = distinct.slice(0, 3);
  const upper = distinct.slice(3);
  const lowerRoot = triadRoot(lower);
  const upperRoot = triadRoot(upper);
  if (!lowerRoot || !upperRoot || sameName(lowerRoot, upperRoot)) return null;
  return { kind: 'polychord', upper, lower, upperRoot, lowerRoot };
}

function triadRoot(notes: readonly NoteName[]): NoteName | null {
  const read = identify(notes)[0]!;
  const { triad, omitted, added, altered, seventh, sixth } = describe(read.chord.members);
  const plain = !omitted.length && !added.length && !altered.length && seventh === null && !sixth;
  return plain && (triad === 'major' || triad === 'minor') ? read.chord.root : null;
}
