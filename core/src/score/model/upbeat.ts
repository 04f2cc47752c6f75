import { barTicks, beatTicks, type Metre } from '../../time/metre';
import type { ScoreBar, ScoreNote } from './scoreNote';

/** Bars of a metre after an upbeat, up to an end. Times in ticks. */
export function barsAfter(upbeat: number, metre: Metre, end: number): ScoreBar[] {
  const whole = barTicks(metre);
  const bars: ScoreBar[] = [];
  let length = upbeat % whole || whole;
  for (let from = 0, number = length < whole ? 0 : 1; from < end; number++, length = whole) {
    bars.push({ number, from, to: from + length, metre });
    from += length;
  }
  return bars;
}

/**
 * The upbeat of a piece whose bars are not told: the one with which fermatas fall on strong beats and most notes,
 * and the longest, begin on downbeats (common practice). 0 for none, and where no fermatas are given.
 */
export function likelyUpbeat(notes: readonly ScoreNote[], metre: Metre, fermatas: readonly number[]): number {
  if (fermatas.length === 0) return 0;
  const [whole, beat] = [barTicks(metre), beatTicks(metre)];
  const half = (whole / beat) % 2 === 0 ? whole / 2 : -1;
  const within = (time: number, upbeat: number) => (((time - upbeat) % whole) + whole) % whole;
  let best = { upbeat: 0, worth: -1 };
  const weights = Array.from({ length: Math.round(whole / beat) }, (_, at) => downbeats(notes, at * beat));
  const most = Math.max(...weights);
  weights.forEach((weight, at) => {
    const upbeat = at * beat;
    const held = fermatas.reduce((sum, time) => {
      const place = within(time, upbeat);
      return sum + (place === 0 ? 1 : place === half ? 2 / 3 : 0);
    }, 0);
    const worth = held / fermatas.length + weight / most;
    if (worth > best.worth) best = { upbeat, worth };
  });
  return best.upbeat;

  /** What begins with a downbeat, on the average, in beats of two at most. */
  function downbeats(all: readonly ScoreNote[], upbeat: number): number {
    const own = all.filter(({ onset }) => within(onset, upbeat) === 0);
    const sum = own.reduce((length, { onset, end }) => length + Math.min(end - onset, 2 * beat), 0);
    return sum / Math.max(1, new Set(own.map(({ onset }) => onset)).size);
  }
}
