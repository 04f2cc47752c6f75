import { COSTS, leastStepCost, stepCost } from './costs';
import { sameName } from '../pitch/note';
import { type State } from './states';

/** What it costs to go from one state to the next, and how they stand at the ends of phrases. */
export function between(
  from: State,
  to: State,
  afterPhrase: boolean,
  isEnd: boolean,
  isLast: boolean,
  gear: number | null = null,
): number {
  if (gear !== null && isLifted(from, to, gear)) return COSTS.changeGear;
  const onward =
    from.keyAt === to.keyAt
      ? withinKey(from, to, afterPhrase)
      : changeTo(from, to, afterPhrase) +
        (from.target > 0 ? (to.root === from.targetRoot ? COSTS.resolves : COSTS.astray) : 0);
  return onward + (isEnd || isLast ? arrival(from, to, isEnd, isLast) : 0);
}

/** Whether the key of a state is that of the one before, lifted by so many fifths, however it is spelled. */
const isLifted = (from: State, to: State, gear: number): boolean =>
  from.key.mode === to.key.mode &&
  from.keyAt !== to.keyAt &&
  (to.fifths - from.fifths - gear) % 12 === 0 &&
  to.target === 0;

/** Going to another key; a new phrase may stand in the parallel one as readily as in a near one. */
const changeTo = (from: State, to: State, afterPhrase: boolean): number =>
  afterPhrase && sameName(from.key.tonic, to.key.tonic)
    ? COSTS.changeParallel
    : keyChange(from.fifths - to.fifths, afterPhrase);

/** Going to a key so many fifths away. */
export function keyChange(fifths: number, afterPhrase: boolean): number {
  const far = Math.abs(fifths);
  return (
    (afterPhrase ? COSTS.changeAfterPhrase : far === 0 ? COSTS.changeRelative : COSTS.change) +
    COSTS.changeFifth * far
  );
}

/** A step within one key. */
export function withinKey(from: State, to: State, afterPhrase: boolean): number {
  if (from.target > 0) {
    if (from.second)
      return to.targetRoot === from.targetRoot && !to.second ? COSTS.secondToDominant : COSTS.secondAstray;
    // A dominant of a minor chord that goes to a major triad went elsewhere.
    if (to.root === from.targetRoot)
      return from.targetMinor && !to.minor && to.numeral.members.length === 3
        ? COSTS.resolvesOtherwise
        : COSTS.resolves;
    // To the dominant over the six-four that belongs to it.
    if (from.target === 5 && to.degree === 1 && to.inversion === 2) return COSTS.resolves;
    return to.targetRoot === from.targetRoot ? COSTS.sameTarget : COSTS.astray;
  }
  if (afterPhrase) return 0;
  if (from.degree === 5 && to.target === 5) return COSTS.backToItsDominant;
  if (to.degree === 0) return 0;
  // A minor dominant does not lead to its tonic.
  const leads = from.degree !== 5 || from.leading || to.degree !== 1 || to.key.mode !== 'major';
  const step = stepCost(from.degree, to.degree) + (leads ? 0 : COSTS.minorDominant);
  if (from.degree !== 1 || from.inversion !== 2) return step;
  return to.degree === 5 && to.inversion === 0
    ? step + COSTS.cadentialSixFour - stepCost(1, 5)
    : step + COSTS.looseSixFour;
}

/** No step within a key from a state costs less, whatever it leads to. */
export function leastWithin({ second, target, degree, inversion }: State): number {
  if (second) return Math.min(COSTS.secondToDominant, COSTS.secondAstray);
  if (target > 0) return Math.min(COSTS.resolves, COSTS.sameTarget, COSTS.astray);
  const sixFour = degree === 1 && inversion === 2 ? COSTS.cadentialSixFour : 0;
  return leastStepCost(degree) + sixFour;
}

/** What it means that a phrase, or the whole, ends with a state; `from` is the state before it. */
export function arrival(from: State, to: State, isEnd: boolean, isLast: boolean): number {
  let cost = isEnd ? cadence(from, to) : 0;
  // A last chord alone is no evidence of a key of its own.
  if (isLast && from.keyAt !== to.keyAt) cost += COSTS.closingElse - closing(to);
  if (isLast && isDeceptive(from, to)) cost += COSTS.closingDeceptive;
  if (isPicardy(from, to)) cost += COSTS.picardy;
  return cost;
}

/** What a phrase ends with: the pair of its last chords. */
export function cadence(from: State | null, to: State): number {
  const same = from !== null && from.keyAt === to.keyAt;
  if (to.degree === 1 && to.inversion === 0) {
    if (same && (from.degree === 5 || from.degree === 7)) {
      if (!from.leading) return COSTS.modal;
      return from.degree === 5 && from.inversion === 0 ? COSTS.authentic : COSTS.authenticImperfect;
    }
    if (same && (from.degree === 4 || from.degree === 2)) return COSTS.plagal;
    return COSTS.tonicAlone;
  }
  if (to.degree === 5 && to.inversion === 0 && !to.minor) {
    if (same && from.degree === 4 && from.inversion === 1 && to.key.mode === 'minor') return COSTS.phrygian;
    return same && from.target === 5 ? COSTS.halfApplied : COSTS.half;
  }
  if (isDeceptive(from, to)) return COSTS.deceptive;
  return COSTS.phraseElse;
}

/** The dominant of a key going to its sixth degree: the natural one in major, the flat one too. */
function isDeceptive(from: State | null, to: State): boolean {
  return from !== null && from.keyAt === to.keyAt && from.degree === 5 && from.leading && to.degree === 6;
}

/** A major triad on the tonic of a minor key, after a dominant or subdominant of that key. */
function isPicardy(from: State, to: State): boolean {
  if (to.degree !== 1 || to.key.mode !== 'minor' || to.minor || to.numeral.members.length > 3) return false;
  const before = from.degree === 5 || from.degree === 7 || from.degree === 4;
  return before && from.keyAt === to.keyAt && from.numeral.special === null;
}

/** What a state says as the first of all. */
export function opening(state: State): number {
  if (state.reason === 'mixture' || state.reason === 'chromatic') return COSTS.openingBorrowed;
  if (state.degree === 1)
    return state.key.mode === 'minor' && !state.minor ? COSTS.openingMajor : COSTS.openingTonic;
  // On its dominant a minor piece hardly ever begins with nothing before it.
  return state.degree === 5 && state.key.mode === 'major' ? COSTS.openingDominant : 0;
}

/** What a state says as the last of all. */
export function closing(state: State): number {
  if (state.degree === 1) return COSTS.closingTonic;
  return state.degree === 5 ? COSTS.closingDominant : COSTS.closingElse;
}
