import type { NonChordKind } from './melodic';

/**
 * What it costs to take a note as foreign to its chord, a member as missing, a chord as begun: fitted to nineteen
 * chorales (scripts/fit-reading.mjs says how and with what result), in the units of the costs of the context. What
 * keyboard pieces, songs and two voices need beyond them was set by hand (docs/conventions.md).
 */
export interface ReadingWeights {
  /** A foreign note, by what it would be. */
  readonly kinds: Readonly<Record<NonChordKind, number>>;
  /** The same where it is struck on an accent, by the strength of the accent, and for each quarter it lasts. */
  readonly accented: number;
  readonly lasting: number;
  /** A foreign note that is not in the signature: it is rather one of an applied chord. */
  readonly outside: number;
  /** Foreign in the lowest voice: so many times as much. */
  readonly lowest: number;
  /** Foreign in a broken chord, whose notes belong together as a rule. */
  readonly figured: number;
  /** Foreign, but held or struck again while bars go by. */
  readonly pedalPoint: number;
  /** A moment in which no member sounds. */
  readonly nothing: number;
  /** Members that never sound, and that come late. */
  readonly noThird: number;
  readonly noFifth: number;
  readonly noDiminishedFifth: number;
  /** A third that never sounds and is not the key's own. */
  readonly suppliedThird: number;
  readonly lateRoot: number;
  readonly lateThird: number;
  readonly lateFifth: number;
  readonly lateSeventh: number;
  /** A new chord, by the strength of the time when it begins. */
  readonly begins: readonly [number, number, number, number, number];
  /** Less for the same root again, and where the lowest note moves. */
  readonly sameRoot: number;
  /** A seventh that comes to the same root, but that of a dominant: it is rather a passing note. */
  readonly softSeventh: number;
  /** The lowest note goes to another member within the chord, and on an accent. */
  readonly bassMoves: number;
  readonly bassMovesAccent: number;
  readonly sixFour: number;
  /** A chord by its template, in the order of the templates. */
  readonly templates: readonly number[];
  /** What the steps of the context weigh beside all this. */
  readonly context: number;
  /** A change of key, beside what the context says of it. */
  readonly change: number;
}

/** How readily a reading goes over to another key rather than taking a chord as applied. */
export const MODULATIONS = ['never', 'seldom', 'usual', 'readily'] as const;
export type Modulation = (typeof MODULATIONS)[number];

export const READING_WEIGHTS: ReadingWeights = {
  kinds: {
    passing: 0.1,
    neighbour: 0.25,
    'incomplete-neighbour': 0.8,
    'double-neighbour': 0.7,
    suspension: 0.24,
    retardation: 0.4,
    anticipation: 0.42,
    appoggiatura: 1.22,
    escape: 0.9,
    cambiata: 0.6,
    pedal: 0.98,
    free: 2.5,
  },
  accented: 0.25,
  lasting: 0.6,
  outside: 0.5,
  lowest: 1.4,
  figured: 1.2,
  pedalPoint: 0.5,
  nothing: 1.5,
  noThird: 2.75,
  noFifth: 0.3,
  noDiminishedFifth: 1,
  suppliedThird: 1.5,
  lateRoot: 0.6,
  lateThird: 0.28,
  lateFifth: 0.05,
  lateSeventh: 0.79,
  begins: [1.1, 1.03, 0.6, 0.5, 0.24],
  sameRoot: 0.4,
  softSeventh: 0.2,
  bassMoves: 0.56,
  bassMovesAccent: 0.42,
  sixFour: 0.3,
  templates: [-0.12, 0.12, 0.12, 1, 0.02, 1.03, 0.59, 0.3, 0.12, 1.2, 0.2, 0.2, 0.2],
  context: 1,
  change: 0.08,
};

/** What a change of key costs beside the fitted costs. */
const CHANGES: Record<Modulation, number> = { never: 1000, seldom: 4, usual: 0, readily: -2 };
const WEIGHTS = new Map<Modulation, ReadingWeights>([['usual', READING_WEIGHTS]]);

/** The fitted weights with the teacher's threshold between a key that is touched and one that is gone to. */
export function weightsFor(modulation: Modulation): ReadingWeights {
  let weights = WEIGHTS.get(modulation);
  if (!weights)
    WEIGHTS.set(
      modulation,
      (weights = { ...READING_WEIGHTS, change: READING_WEIGHTS.change + CHANGES[modulation] }),
    );
  return weights;
}
