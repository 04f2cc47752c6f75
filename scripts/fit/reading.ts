/**
 * Fits the weights of the reading of scores to the nineteen chorales of core/test/oracles (J. S. Bach, with the
 * labels of music21's corpus), by changing one weight at a time as long as the agreement grows.
 */
import {
  agreement,
  chorale,
  CHORALES,
  MORE_CHORALES,
  said,
  sum,
  type Agreement,
  type Chorale,
} from '../../core/test/choraleReading';
import { analyseScore, READING_WEIGHTS, type ReadingWeights } from '../../core/src';

type Path = readonly [name: keyof ReadingWeights, member?: string];

const MEASURES = ['full', 'chord', 'root', 'key', 'shown'] as const;
/** What each measure counts in the fit. */
const COUNTS = { full: 1, chord: 0.6, root: 0.3, key: 0.5, shown: 0 };

const paths = Object.entries(READING_WEIGHTS).flatMap(([name, value]): Path[] =>
  typeof value === 'number'
    ? [[name as keyof ReadingWeights]]
    : Object.keys(value as object).map((member): Path => [name as keyof ReadingWeights, member]),
);

const valueAt = (weights: ReadingWeights, [name, member]: Path): number => {
  const value = weights[name] as unknown;
  return member === undefined ? (value as number) : (value as Record<string, number>)[member]!;
};

function withValue(weights: ReadingWeights, [name, member]: Path, value: number): ReadingWeights {
  if (member === undefined) return { ...weights, [name]: value };
  const old = weights[name] as unknown;
  const list = Array.isArray(old)
    ? old.map((one: number, at) => (String(at) === member ? value : one))
    : { ...(old as Record<string, number>), [member]: value };
  return { ...weights, [name]: list };
}

export function read(pieces: readonly Chorale[], weights: ReadingWeights): Agreement[] {
  return pieces.map((piece) => agreement(piece, analyseScore(piece.score, { weights })));
}

/** Half the mean over pieces, half that over their time, so that no long piece decides alone. */
function worth(pieces: readonly Chorale[], weights: ReadingWeights): number {
  const all = read(pieces, weights);
  const of = (one: Agreement) => MEASURES.reduce((w, name) => w + (COUNTS[name] * one[name]) / one.total, 0);
  return (all.reduce((mean, one) => mean + of(one), 0) / all.length + of(sum(all))) / 2;
}

const MAY_BE_NEGATIVE = new Set<string>(['templates', 'change']);

/** What was set by hand before anything was fitted: every fit begins here, so that no piece is known to it. */
const BY_HAND: ReadingWeights = {
  kinds: {
    passing: 0.3,
    neighbour: 0.3,
    'incomplete-neighbour': 0.8,
    'double-neighbour': 0.5,
    suspension: 0.4,
    retardation: 0.8,
    anticipation: 0.3,
    appoggiatura: 1,
    escape: 0.9,
    cambiata: 0.6,
    pedal: 1.5,
    free: 2.5,
  },
  accented: 0.25,
  lasting: 0.6,
  outside: 0.5,
  lowest: 1.4,
  figured: 1,
  pedalPoint: 0.5,
  nothing: 1.5,
  noThird: 1.6,
  noFifth: 0.3,
  noDiminishedFifth: 1,
  suppliedThird: 1.5,
  lateRoot: 0.6,
  lateThird: 0.2,
  lateFifth: 0.05,
  lateSeventh: 0.5,
  begins: [2.2, 1.4, 0.6, 0.5, 0.4],
  sameRoot: 0.4,
  softSeventh: 0.2,
  bassMoves: 0.4,
  bassMovesAccent: 0.3,
  sixFour: 0.3,
  templates: [0, 0, 0.2, 1, 0.1, 0.6, 0.3, 0.3, 0.2, 1.2, 0.2, 0.2, 0.2],
  context: 1,
  change: 0,
};

export function fit(pieces: readonly Chorale[], rounds: number): ReadingWeights {
  let weights = BY_HAND;
  let best = worth(pieces, weights);
  let step = 0.4;
  for (let round = 0; round < rounds; round++) {
    for (const path of paths) {
      const value = valueAt(weights, path);
      const by = Math.max(Math.abs(value), 0.2) * step;
      for (const tried of [value + by, value - by]) {
        if (tried < 0 && !MAY_BE_NEGATIVE.has(path[0])) continue;
        const changed = withValue(weights, path, Math.round(tried * 100) / 100);
        const now = worth(pieces, changed);
        if (now <= best + 1e-5) continue;
        [weights, best] = [changed, now];
        break;
      }
    }
    if (round % 2 === 1) step /= 1.8;
  }
  return weights;
}

export function printed(one: Agreement): string {
  return MEASURES.map((name) => `${name} ${((100 * one[name]) / one.total).toFixed(1)}`).join('  ');
}

/** The seven chorales that are asked about, or the twelve more. */
export function pieces(folder: string, more = false): Chorale[] {
  return (more ? MORE_CHORALES : CHORALES).map((name) => chorale(name, folder));
}

export { inTexture, TEXTURES } from '../../core/test/keyboardTextures';
export { analyseScore, said, sum, READING_WEIGHTS };
