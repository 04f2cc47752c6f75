/**
 * What a reading of a progression costs, step by step; the cheapest whole
 * reading is taken. All of it is common practice put into numbers, in units of
 * about "one surprising step"; negative costs are what confirms a key.
 */
export const COSTS = {
  /**
   * Going to another key in the middle of a phrase, and after a phrase end; and for each fifth that lies
   * between.
   */
  change: 2.6,
  changeAfterPhrase: 1.9,
  /** Going between a key and its relative, which share a signature. */
  changeRelative: 1.7,
  changeFifth: 0.3,
  /** A phrase that comes again as a whole in another key. */
  changeGear: -0.4,
  /** To the parallel key after a phrase end. */
  changeParallel: 0.9,
  /** A minor dominant that goes to a major tonic. */
  minorDominant: 0.8,
  /** A key far from the signature, by chord. */
  farFromSignature: 0.08,
  /** The first chord in a key that is not one of the signature's two, by fifth. */
  openingFifth: 1.5,
  /** The same where the signature is only guessed from the notes. */
  openingGuessed: 0.25,
  openingTonic: -1.85,
  openingDominant: -0.6,
  /** A major chord on the tonic of a minor key opens hardly any piece. */
  openingMajor: 1,
  /** A borrowed chord opens no piece. */
  openingBorrowed: 0.9,
  /** The sevenths of a blues on its first and fourth degree. */
  blues: -0.2,
  /** The first and the last chord stand on the same root: their key is that of the whole. */
  framed: -1.5,
  /** The same where it is a major seventh, which no dominant is. */
  framedAtRest: -4,
  /** A piece that begins and ends on one root is in no key whose tonic never comes. */
  framedWithoutTonic: 3,
  /** The last chord of all. */
  closingTonic: -2,
  closingDominant: -0.5,
  closingElse: 1.5,
  /** The dominant that goes to the sixth degree at the very end. */
  closingDeceptive: -2.2,
  /** A major tonic at the end of a phrase in minor. */
  picardy: -1.2,
  /** A signature that is only guessed weighs so much of one that is printed. */
  guessed: 0.25,
  /** What a phrase ends with. */
  authentic: -3,
  authenticImperfect: -2,
  plagal: -1.4,
  phrygian: -2,
  half: -2.45,
  /** A half cadence reached by the dominant of the dominant: as a rule the key has changed. */
  halfApplied: -0.4,
  deceptive: -1,
  /** A minor dominant, or a seventh degree without the leading note, before the tonic. */
  modal: -0.6,
  tonicAlone: -1,
  phraseElse: 0.5,
  /** A chord outside the key, on top of what its numeral costs by itself. */
  numeral: 1,
  /** Chords of natural minor that the relative major explains as well, by degree. */
  naturalMinor: { 3: 0.3, 5: 0.3, 6: 0.1, 7: 0.5 },
  /** A ii with a perfect fifth in a minor key. */
  melodicSecond: 0.8,
  /** A major tonic with a seventh in a minor key: a Picardy third has none. */
  tonicSeventh: 1.5,
  /** A chord with an added sixth where a seventh chord in inversion is written the same. */
  addedSixth: 1.5,
  /** An applied chord that goes to its target, to another chord of the same target, or elsewhere. */
  resolves: -1,
  /** The dominant of a minor chord that goes to the major triad on its root. */
  resolvesOtherwise: -0.1,
  sameTarget: -0.5,
  astray: 1.3,
  /** A dominant that goes back to its own dominant. */
  backToItsDominant: 0.6,
  /** The ii of a target, before the dominant of the same one or elsewhere. */
  secondToDominant: -2.3,
  secondAstray: 1.5,
  /** A six-four on the tonic that goes to the dominant over the same bass. */
  cadentialSixFour: -0.8,
  looseSixFour: 0.3,
} as const;

/** Function by degree of the key, 1–7, for the steps between. */
type Degree = 1 | 2 | 3 | 4 | 5 | 6 | 7;

/**
 * How usual it is to go from one degree to another in a key (common practice:
 * dominants to the tonic, pre-dominants to dominants, falling fifths, the rest
 * as it comes). Unlisted steps cost what `rest` says.
 */
const STEPS: Record<Degree, Partial<Record<Degree, number>> & { readonly rest: number }> = {
  1: { 1: -0.1, rest: 0 },
  2: { 5: -0.7, 7: -0.6, 1: 0.15, 2: -0.1, rest: 0.2 },
  3: { 6: -0.35, 4: -0.25, 3: -0.1, rest: 0.2 },
  4: { 5: -0.5, 1: -0.3, 2: -0.4, 7: -0.45, 4: -0.1, rest: 0.15 },
  5: { 1: -1, 6: -0.45, 5: -0.2, 4: 0.1, 3: 0.2, rest: 0.35 },
  6: { 2: -0.35, 4: -0.35, 5: -0.25, 6: -0.1, rest: 0.1 },
  7: { 1: -0.9, 5: -0.3, 3: -0.2, 6: 0.1, 7: -0.1, rest: 0.35 },
};

const TABLE = Float64Array.from({ length: 64 }, (_, place) => {
  const row = STEPS[(place >> 3) as Degree] as (typeof STEPS)[Degree] | undefined;
  return row ? (row[(place & 7) as Degree] ?? row.rest) : 0;
});

/** The cost of going from one degree, 1–7, to another. */
export function stepCost(from: number, to: number): number {
  return TABLE[(from << 3) + to]!;
}

/** By degree what no step from it costs less than; 0 for none. */
const LEAST = Float64Array.from({ length: 8 }, (_, from) =>
  Math.min(...TABLE.subarray(from << 3, (from + 1) << 3), 0),
);

/** No step from a degree costs less. */
export function leastStepCost(from: number): number {
  return LEAST[from]!;
}
