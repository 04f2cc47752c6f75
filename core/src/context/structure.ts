import { printSymbol } from '../chord/symbolPrint';
import type { Chord } from '../chord/chord';
import { describe } from '../chord/describe';
import { printFigure, shortFigures } from '../label/figures';
import { rootOf, type Numeral } from '../label/numeral';
import { pitchClass, sameName, type NoteName } from '../pitch/note';
import { sameKey, type Key } from '../key/key';
import { cadencesOf, type Cadence } from './cadences';
import { isDominant, isSuspendedDominant } from './leading';
import { modalCentres, withModes, type ModalCentre } from './modalCentres';
import { readInContext } from './readings';
import { type ChordIn, type ContextOptions, type ContextReading } from './chordIn';
import { functionOf, type ChordFunction } from './labels';

/**
 * A ii (or iiø) joined to its V. The target is where the V goes; null leaves it open: the V does not resolve.
 */
export interface Bracket {
  readonly from: number;
  readonly to: number;
  readonly target: number | null;
}

/**
 * From a dominant to the chord that follows it: a fifth below, a half step below where it stands in for the
 * dominant a tritone away, or a half step above where a leading-note chord goes to its target.
 */
export interface Arrow {
  readonly from: number;
  readonly to: number;
  readonly kind: 'fifth' | 'substitute' | 'step';
}

export interface AnalysedChord {
  readonly best: ContextReading;
  readonly figures: readonly string[];
  readonly symbol: string;
  readonly function: ChordFunction | null;
  readonly readings: readonly ContextReading[];
}

export interface Analysis {
  readonly chords: readonly AnalysedChord[];
  /** Where each key begins. */
  readonly keys: readonly { readonly from: number; readonly key: Key }[];
  readonly cadences: readonly Cadence[];
  readonly brackets: readonly Bracket[];
  readonly arrows: readonly Arrow[];
  /** Modes that it may be heard in beside its keys. */
  readonly centres: readonly ModalCentre[];
}

export interface AnalyseOptions extends ContextOptions {
  /** Tells perfect from imperfect authentic cadences by the positions of the chords. */
  readonly splitCadences?: boolean;
  /** Readings that were ruled: they stand whatever the context says. */
  readonly rulings?: ReadonlyMap<number, Pick<ContextReading, 'key' | 'numeral'>>;
}

/** What a progression is as a whole, without the labels of its single chords. */
export interface Structure extends Omit<Analysis, 'chords'> {
  readonly best: readonly ContextReading[];
  readonly readings: readonly (readonly ContextReading[])[];
}

/**
 * Reads a progression as a whole: the best reading of every chord, and what joins them. Throws TheoryError as
 * readInContext.
 */
export function structureOf(chords: readonly ChordIn[], options: AnalyseOptions = {}): Structure {
  const readings = readInContext(chords, options);
  const best = readings.map((list, at) => ruled(list, options.rulings?.get(at)));
  const { keys, ...joined } = joinedBy(best, options);
  // Where the key is given nobody asks for another centre.
  const given = options.key !== undefined || options.keys?.some((key) => key !== null) === true;
  const centres = given ? [] : modalCentres(best, keys);
  return {
    best,
    readings: withModes(readings, centres),
    centres,
    keys,
    ...joined,
  };
}

/** What joins chords whose readings are settled: keys, cadences, brackets and arrows. */
export function joinedBy(
  best: readonly ContextReading[],
  options: Pick<AnalyseOptions, 'phraseEnds' | 'splitCadences'> = {},
): Pick<Structure, 'keys' | 'cadences' | 'brackets' | 'arrows'> {
  const arrows = arrowsOf(best);
  return {
    keys: keyAreas(best),
    cadences: cadencesOf(best, options),
    brackets: bracketsOf(best, arrows),
    arrows,
  };
}

/**
 * Reads a progression as a whole and says of it what a teacher writes over and under the chords. Throws
 * TheoryError as readInContext.
 */
export function analyseProgression(chords: readonly ChordIn[], options: AnalyseOptions = {}): Analysis {
  const { best, readings, ...structure } = structureOf(chords, options);
  const analysed = best.map((one, at): AnalysedChord => ({
    best: one,
    figures: shortFigures(one.chord, one.key).map(printFigure),
    symbol: printSymbol(one.chord),
    function: one.reason === 'cadential-six-four' ? 'dominant' : localFunction(one.numeral),
    readings: readings[at]!,
  }));
  return { chords: analysed, ...structure };
}

function ruled(
  readings: readonly ContextReading[],
  ruling: Pick<ContextReading, 'key' | 'numeral'> | undefined,
): ContextReading {
  const first = readings[0]!;
  return ruling ? { ...first, ...ruling } : first;
}

/** Function counted in the key, and of an applied chord in the key of its target. */
export function localFunction(numeral: Numeral): ChordFunction | null {
  return functionOf(numeral.target ? { ...numeral, target: null } : numeral);
}

function keyAreas(best: readonly ContextReading[]): { from: number; key: Key }[] {
  const areas: { from: number; key: Key }[] = [];
  best.forEach(({ key }, from) => {
    const last = areas[areas.length - 1];
    if (!last || !sameKey(last.key, key)) areas.push({ from, key });
  });
  return areas;
}

/**
 * The root that a chord acts on: that of its numeral where a dominant with its fourth suspended is written as a triad
 * or a ii over its bass.
 */
const actingRoot = ({ numeral, chord, key }: ContextReading): NoteName =>
  isSuspendedDominant(numeral) && numeral.target === null ? rootOf(numeral, key) : chord.root;

/** Half steps from one root up to another, however charts spell them. */
const halfStepsUp = (from: ContextReading, to: ContextReading): number =>
  (pitchClass(actingRoot(to)) - pitchClass(actingRoot(from)) + 12) % 12;

const fallsAFifth = (from: ContextReading, to: ContextReading): boolean => halfStepsUp(from, to) === 5;
const fallsAHalfStep = (from: ContextReading, to: ContextReading): boolean => halfStepsUp(from, to) === 11;
const risesAHalfStep = (from: ContextReading, to: ContextReading): boolean => halfStepsUp(from, to) === 1;

/** Whether a chord is the ii of where a substitute goes: a whole step over it. */
const isSecondOf = (second: ContextReading, substitute: ContextReading): boolean =>
  halfStepsUp(second, substitute) === 11;

/** A dominant seventh that stands in for the one a tritone away. */
function isSubstitute({ numeral }: ContextReading): boolean {
  return numeral.special === 'sub';
}

/** The leading-note chord of another degree. */
function isAppliedLeading({ numeral }: ContextReading): boolean {
  return numeral.target !== null && numeral.degree === 7;
}

function isDominantOrSuspended(one: ContextReading): boolean {
  const { triad, seventh } = describe(one.chord.members);
  return (
    isDominant(one) || (triad.startsWith('sus') && seventh === 'minor') || isSuspendedDominant(one.numeral)
  );
}

/** A tonic is no ii, whatever follows it. */
function isAtRest({ numeral }: ContextReading): boolean {
  return numeral.degree === 1 && numeral.target === null && numeral.special === null;
}

/** A minor seventh that is taken for a tonic, and does not come back after its dominant: it was a ii. */
const goesOn = ({ chord }: ContextReading, after: ContextReading | undefined): boolean =>
  describe(chord.members).seventh === 'minor' &&
  after !== undefined &&
  pitchClass(after.chord.root) !== pitchClass(chord.root);

function arrowsOf(best: readonly ContextReading[]): Arrow[] {
  return best.flatMap((one, from): Arrow[] => {
    const next = best[from + 1];
    if (!next) return [];
    const to = from + 1;
    if (isDominantOrSuspended(one) && fallsAFifth(one, next)) return [{ from, to, kind: 'fifth' }];
    if (isSubstitute(one) && fallsAHalfStep(one, next)) return [{ from, to, kind: 'substitute' }];
    return isAppliedLeading(one) && risesAHalfStep(one, next) ? [{ from, to, kind: 'step' }] : [];
  });
}

function bracketsOf(best: readonly ContextReading[], arrows: readonly Arrow[]): Bracket[] {
  return best.flatMap((one, from) => {
    const next = best[from + 1];
    const joined =
      next !== undefined &&
      isSecond(one.chord) &&
      ((isDominantOrSuspended(next) && fallsAFifth(one, next)) ||
        (isSubstitute(next) && (fallsAFifth(one, next) || isSecondOf(one, next))));
    if (!joined || (isAtRest(one) && !goesOn(one, best[from + 2]))) return [];
    // A dominant may go on over another bass before it resolves.
    let last = from + 1;
    while (
      best[last + 1] &&
      isDominantOrSuspended(best[last + 1]!) &&
      sameName(actingRoot(best[last + 1]!), actingRoot(next))
    )
      last++;
    const arrow = arrows.find((each) => each.from === last);
    return [{ from, to: from + 1, target: arrow ? arrow.to : null }];
  });
}

/** A minor or half-diminished chord: what a ii can be. */
function isSecond({ members }: Chord): boolean {
  const { triad, seventh } = describe(members);
  return (triad === 'minor' && seventh !== 'major') || (triad === 'diminished' && seventh !== 'diminished');
}
