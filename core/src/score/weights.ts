import type { NonChordKind } from './melodic';

/**
 * What it costs to take a note as foreign to its chord, a member as missing, a chord as begun: fitted on seven
 * chorales (scripts/fit-reading.mjs says how and with what result), in the units of the costs of the context.
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
  /** Members that never sound, and that come late. */
  readonly noThird: number;
  readonly noFifth: number;
  readonly lateRoot: number;
  readonly lateThird: number;
  readonly lateFifth: number;
  readonly lateSeventh: number;
  /** A new chord, by the strength of the time when it begins. */
  readonly begins: readonly [number, number, number, number, number];
  /** Less for the same root again, and where the lowest note moves. */
  readonly sameRoot: number;
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
    passing: 0.05,
    neighbour: 0.68,
    'incomplete-neighbour': 0.8,
    'double-neighbour': 0.5,
    suspension: 0.4,
    retardation: 1.02,
    anticipation: 0.33,
    appoggiatura: 0.5,
    escape: 0.9,
    cambiata: 0.6,
    pedal: 1.92,
    free: 1.25,
  },
  accented: 0.25,
  lasting: 0.3,
  outside: 0.4,
  lowest: 2.1,
  noThird: 1.6,
  noFifth: 0.3,
  lateRoot: 0.3,
  lateThird: 0.2,
  lateFifth: 0.15,
  lateSeventh: 0.38,
  begins: [2.2, 0.7, 0.3, 0.5, 0.4],
  sameRoot: 0.6,
  bassMoves: 1.15,
  bassMovesAccent: 0.45,
  sixFour: 0.3,
  templates: [-0.16, 0.03, 0.1, 1, 0.1, 0.9, 0.25, 0.3, 0.2, 1.2, 0.2, 0.2, 0.2],
  context: 1,
  change: 0,
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
