import { placesByBar, type Score } from '@diatonix/core';
import type { VexFlow } from '../index';
import { barSystems, barWidths, type LabelRoom } from './barWidths';
import { engraveSystem, headRoom, type DrawnSystem } from './engraveSystem';
import { planStaves } from './plan';
import { fifthsAt } from './systemOptions';

/** A label under a chord: when it begins, and what stands in each row. */
export interface ScoreLabel {
  readonly at: number;
  /** The numeral, and the key where it changes. */
  readonly numeral: string;
  readonly key: string;
}

export interface LayOutOptions {
  /** How wide the systems are, in staff units: a staff is 40 of them high. */
  readonly width: number;
  /** Whether four single parts are drawn closed, on two staves. */
  readonly closed: boolean;
  readonly labels: readonly ScoreLabel[];
  /** Whether dynamics and fingers are shown. */
  readonly dynamics?: boolean;
}

/** A system with the labels of its bars. */
export interface LaidOutSystem extends DrawnSystem {
  readonly labels: readonly (ScoreLabel & { readonly x: number })[];
}

/** Units of a letter of a label, and of the air beside it. */
const LETTER = 9;
const AIR = 14;
const roomOf = ({ at, numeral, key }: ScoreLabel): LabelRoom => ({
  at,
  room: AIR + LETTER * Math.max(numeral.length, key.length),
});

/** A whole piece as systems of one width, the last as wide as it needs. Takes a few milliseconds for each bar. */
export function layOut(vexflow: VexFlow, score: Score, options: LayOutOptions): LaidOutSystem[] {
  const { width, closed, labels, dynamics = false } = options;
  const plan = planStaves(score, closed, dynamics);
  const inBars = placesByBar(score);
  const widths = barWidths(score, inBars, labels.map(roomOf));
  const systems = barSystems(widths, (first) => width - headRoom(plan, fifthsAt(score, 0), first, first));
  return systems.map((bars, at) => {
    const loose = at === systems.length - 1;
    const bracketed = new Set<number>();
    const drawn = engraveSystem(vexflow, {
      ...{ score, plan, bars, widths, width, loose, bracketed, inBars, dynamics },
    });
    const [from, to] = [score.bars[bars[0]]!.from, score.bars[bars[1] - 1]!.to];
    const own = labels.filter((label) => label.at >= from && label.at < to);
    return { ...drawn, labels: own.map((label) => ({ ...label, x: placeOf(drawn, label.at) })) };
  });
}

/** Where a moment stands: its own place, or that of the last one before it. */
function placeOf({ xs, start }: DrawnSystem, time: number): number {
  let [best, x] = [-Infinity, start];
  for (const [moment, at] of xs) if (moment <= time && moment > best) [best, x] = [moment, at];
  return x;
}
