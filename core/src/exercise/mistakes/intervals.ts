import { attempt } from '../../errors';
import {
  halfSteps,
  invert,
  isPerfectNumber,
  parseInterval,
  printInterval,
  qualityLetters,
  simpleForm,
  type Interval,
} from '../../interval/interval';
import type { Mistake, AnswerSlip } from './mistake';

type Turn = (interval: Interval) => readonly Interval[];

/** A way of taking one interval for others. */
export interface IntervalTurn {
  readonly id: string;
  readonly turn: Turn;
}

/** A mistake in the name of an interval. */
export const inIntervalName = ({ id, turn }: IntervalTurn): AnswerSlip<unknown> => ({
  id,
  slips: (right) => turned(right, turn),
});

/** A mistake in what is counted off, where an interval is wanted: `name` is the one of the question. */
export const inWantedInterval = <Given>(
  { id, turn }: IntervalTurn,
  name: (given: Given) => string,
  withName: (given: Given, name: string) => Given,
): Mistake<Given> => ({
  id,
  misreads: (given) => turned(name(given), turn).map((other) => withName(given, other)),
});

function turned(name: unknown, turn: Turn): string[] {
  const read = attempt(() => parseInterval(String(name)));
  if (!read.ok) return [];
  return turn(read.value).flatMap((interval) => {
    const printed = attempt(() => printInterval(interval));
    return printed.ok && interval.number >= 1 && printed.value !== name ? [printed.value] : [];
  });
}

/** An interval of another number with the same quality as far as the number has it. */
export function sameQuality(interval: Interval, number: number): Interval {
  const letters = qualityLetters(interval);
  const perfect = isPerfectNumber(number);
  const plain: Interval = { number, deviation: 0 };
  if (/^[Ad]/.test(letters)) {
    const read = attempt(() => parseInterval(`${letters}${number}`));
    return read.ok ? read.value : plain;
  }
  return perfect || letters !== 'm' ? plain : { number, deviation: -1 };
}

const inverted: Turn = (interval) => {
  const turnedRound = attempt(() => invert(interval));
  return turnedRound.ok ? [turnedRound.value] : [];
};
const zero: Turn = (interval) => (interval.number > 1 ? [sameQuality(interval, interval.number - 1)] : []);
const lettersByHalfSteps: Turn = (interval) => {
  const steps = Math.abs(halfSteps(interval));
  return [steps, steps + 1]
    .filter((number) => number !== interval.number && number > 0)
    .flatMap((number) => [sameQuality(interval, number), { number, deviation: 0 }, { number, deviation: -1 }])
    .filter(({ number, deviation }) => !(isPerfectNumber(number) && deviation === -1));
};
const majorMinor: Turn = ({ number, deviation }) =>
  !isPerfectNumber(number) && (deviation === 0 || deviation === -1)
    ? [{ number, deviation: -1 - deviation }]
    : [];
const augmentedDiminished: Turn = (interval) => {
  const letters = qualityLetters(interval);
  if (!/^[Ad]+$/.test(letters)) return [];
  const other = letters.replace(/./g, (one) => (one === 'A' ? 'd' : 'A'));
  const read = attempt(() => parseInterval(`${other}${interval.number}`));
  return read.ok ? [read.value] : [];
};
/** A half step too many, where the first note is counted as a step. */
const startCounted: Turn = ({ number, deviation }) => [{ number, deviation: deviation + 1 }];
const enharmonic: Turn = (interval) =>
  [-1, 1].flatMap((by) => {
    const number = interval.number + by;
    if (number < 1) return [];
    const deviation = halfSteps(interval) - halfSteps({ number, deviation: 0 });
    return Math.abs(deviation) <= 2 ? [{ number, deviation }] : [];
  });
const plainQuality: Turn = ({ number, deviation }) =>
  deviation === 0 || (!isPerfectNumber(number) && deviation === -1)
    ? []
    : [{ number, deviation: 0 }, ...(isPerfectNumber(number) ? [] : [{ number, deviation: -1 }])];

/** Major and minor said of a fifth, or perfect of a third. */
export const familiesConfused: AnswerSlip<unknown> = {
  id: 'major-perfect-confused',
  slips(right) {
    const read = attempt(() => parseInterval(String(right)));
    if (!read.ok) return [];
    const { number } = read.value;
    const letters = isPerfectNumber(number) ? ['M', 'm'] : ['P'];
    return letters.map((letter) => `${letter}${number}`);
  },
};

export const INVERTED: IntervalTurn = { id: 'inverted', turn: inverted };
export const MAJOR_MINOR: IntervalTurn = { id: 'major-minor-exchanged', turn: majorMinor };
export const OCTAVE_LEFT_OUT: IntervalTurn = {
  id: 'octave-left-out',
  turn: (interval) => (interval.number > 8 ? [simpleForm(interval)] : []),
};
export const AUGMENTED_DIMINISHED: IntervalTurn = {
  id: 'augmented-diminished-exchanged',
  turn: augmentedDiminished,
};
export const COUNTED_FROM_ZERO: IntervalTurn = { id: 'counted-from-zero', turn: zero };
export const HALF_STEPS_FOR_LETTERS: IntervalTurn = {
  id: 'half-steps-for-letters',
  turn: lettersByHalfSteps,
};
export const START_COUNTED: IntervalTurn = { id: 'start-counted', turn: startCounted };
export const ENHARMONIC: IntervalTurn = { id: 'enharmonic-spelling', turn: enharmonic };
export const QUALITY_NOT_MEASURED: IntervalTurn = { id: 'quality-not-measured', turn: plainQuality };

/** What goes wrong in measuring an interval, the likeliest first. */
export const MEASURING: readonly IntervalTurn[] = [
  COUNTED_FROM_ZERO,
  HALF_STEPS_FOR_LETTERS,
  START_COUNTED,
  ENHARMONIC,
  QUALITY_NOT_MEASURED,
];

/** What goes wrong where an interval is counted off, the likeliest first. */
export const COUNTING_OFF: readonly IntervalTurn[] = [
  INVERTED,
  MAJOR_MINOR,
  OCTAVE_LEFT_OUT,
  AUGMENTED_DIMINISHED,
  ...MEASURING,
];
