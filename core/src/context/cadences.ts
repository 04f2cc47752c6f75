import { describe } from '../chord/describe';
import { sameKey } from '../key/key';
import { sameNumeral } from '../label/numeral';
import { sameName } from '../pitch/note';
import type { ContextReading } from './chordIn';
import { isDominant, leadsToTonic } from './leading';

/**
 * How a phrase ends (docs/conventions.md). An authentic cadence needs the leading note. Authentic ones are
 * told apart as perfect and imperfect where that is asked for.
 */
export type CadenceKind =
  | 'authentic'
  | 'perfect'
  | 'imperfect'
  | 'plagal'
  | 'half'
  | 'deceptive'
  | 'phrygian-half'
  /** A v, VII or ♭VII before the tonic: nothing leads. */
  | 'modal'
  /** The ♭VII7 before a major tonic. */
  | 'backdoor'
  /** A dominant in root position that goes to a dominant of IV or to IV6 in the place of its tonic. */
  | 'evaded';

export interface Cadence {
  /** The chord with which it is complete. */
  readonly at: number;
  readonly kind: CadenceKind;
}

/** What the end of phrases goes by. */
export interface CadenceOptions {
  /** Indices of the chords with which phrases end; the last chord is one. */
  readonly phraseEnds?: readonly number[];
  /** Tells perfect from imperfect authentic cadences by the positions of the chords. */
  readonly splitCadences?: boolean;
}

/** The cadences at the ends of phrases. */
export function cadencesOf(
  best: readonly ContextReading[],
  { phraseEnds, splitCadences = false }: CadenceOptions,
): Cadence[] {
  const ends = new Set([...(phraseEnds ?? []), best.length - 1].filter((at) => at > 0 && at < best.length));
  return [...ends]
    .sort((a, b) => a - b)
    .flatMap((at) => {
      // A last chord that is struck again is one end.
      let first = at;
      while (first > 1 && isRepeated(best[first - 1]!, best[first]!)) first--;
      const kind = cadenceKind(best[first - 1]!, best[at]!, splitCadences);
      return kind ? [{ at, kind }] : [];
    });
}

/** Whether a chord is the one before it again, in the same key. */
function isRepeated(before: ContextReading, now: ContextReading): boolean {
  return (
    sameKey(before.key, now.key) &&
    sameName(before.chord.root, now.chord.root) &&
    sameNumeral({ ...before.numeral, lowest: now.numeral.lowest }, now.numeral)
  );
}

function cadenceKind(from: ContextReading, to: ContextReading, split: boolean): CadenceKind | null {
  const same = sameKey(from.key, to.key) && !from.numeral.target;
  const inRoot = (one: ContextReading) => sameName(one.chord.root, one.chord.bass);
  if (same && isEvaded(from, to) && inRoot(from)) return 'evaded';
  if (to.numeral.target || to.numeral.special) return null;
  if (to.numeral.degree === 1 && to.numeral.alteration === 0) {
    const dominant = from.numeral.degree === 5 || from.numeral.degree === 7;
    if (same && dominant && !leadsToTonic(from.chord, from.numeral, from.key)) {
      const { seventh, triad } = describe(from.chord.members);
      return triad === 'major' && seventh === 'minor' && to.key.mode === 'major' ? 'backdoor' : 'modal';
    }
    if (same && from.numeral.degree === 5)
      return !split ? 'authentic' : inRoot(from) && inRoot(to) ? 'perfect' : 'imperfect';
    if (same && (from.numeral.degree === 7 || from.numeral.special === 'sub'))
      return split ? 'imperfect' : 'authentic';
    return same && from.numeral.degree === 4 ? 'plagal' : null;
  }
  if (to.numeral.degree === 5 && isDominant(to)) {
    const phrygian =
      same &&
      to.key.mode === 'minor' &&
      from.numeral.degree === 4 &&
      from.numeral.lowest.degree === 3 &&
      inRoot(to);
    return phrygian ? 'phrygian-half' : 'half';
  }
  return same && to.numeral.degree === 6 && from.numeral.degree === 5 ? 'deceptive' : null;
}

/** From the dominant to the tonic as a dominant of IV, or to IV over its third. */
function isEvaded(from: ContextReading, { numeral }: ContextReading): boolean {
  if (from.numeral.degree !== 5 || !leadsToTonic(from.chord, from.numeral, from.key)) return false;
  if (numeral.target) return numeral.degree === 5 && numeral.target.degree === 4 && !numeral.target.target;
  return numeral.degree === 4 && numeral.alteration === 0 && numeral.lowest.degree === 3;
}
