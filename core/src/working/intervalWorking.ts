import { attempt } from '../errors';
import {
  deviationUp,
  halfSteps,
  intervalBetween,
  invert,
  majorSize,
  nameAbove,
  octavesBeyond,
  simpleForm,
  transpose,
  type Interval,
  type MeasuredInterval,
} from '../interval/interval';
import type { Note, NoteName, Step } from '../pitch/note';
import type { WorkingStep } from './step';

/** The four ways of naming an interval; all reach the same answer. */
export const INTERVAL_WAYS = ['scale', 'strip', 'half-steps', 'inversion'] as const;
export type IntervalWay = (typeof INTERVAL_WAYS)[number];

/** The working for naming the interval between two notes, in one of the four ways. */
export function intervalWorking(from: Note, to: Note, way: IntervalWay): WorkingStep[] {
  const interval = intervalBetween(from, to);
  const [low, high] = interval.direction === 'down' ? [to, from] : [from, to];
  const steps: WorkingStep[] = [countLetters(low, high, interval)];
  const simple = simpleForm(interval);
  if (interval.number > 8)
    steps.push({ step: 'take-octaves', interval, simple, octaves: octavesBeyond(interval) });
  switch (way) {
    case 'scale':
      steps.push(...byScale(low, high, simple));
      break;
    case 'strip':
      steps.push(...byStripping(low, high, simple));
      break;
    case 'half-steps':
      steps.push(...byHalfSteps(low, high, simple));
      break;
    case 'inversion':
      steps.push(...byInversion(low, high, simple));
  }
  steps.push({ step: 'result', interval, direction: interval.direction });
  return steps;
}

function countLetters(low: Note, high: Note, { number }: MeasuredInterval): WorkingStep {
  const count = ((number - 1) % 7) + 1;
  const length = number > 1 && count === 1 ? 8 : count;
  const letters = Array.from({ length }, (_, i): NoteName => ({
    step: ((low.step + i) % 7) as Step,
    alteration: i === 0 ? low.alteration : i === length - 1 ? high.alteration : 0,
  }));
  return { step: 'count-letters', letters, number: number <= 8 ? number : length };
}

/** Compare with the major scale of the lower note. Where that scale cannot be written, strip first. */
function byScale(low: Note, high: Note, interval: Interval): WorkingStep[] {
  const scaleNote = attempt(() => nameAbove(low, { number: interval.number, deviation: 0 }));
  if (!scaleNote.ok) return byStripping(low, high, interval);
  return [
    { step: 'scale-note', tonic: low, number: interval.number, note: scaleNote.value },
    { step: 'compare', note: high, scaleNote: scaleNote.value, difference: interval.deviation, interval },
  ];
}

/** Strip the same accidental from both notes, then put the rest back one at a time. */
function byStripping(low: Note, high: Note, interval: Interval): WorkingStep[] {
  const steps: WorkingStep[] = [];
  const shared =
    low.alteration * high.alteration > 0
      ? Math.sign(low.alteration) * Math.min(Math.abs(low.alteration), Math.abs(high.alteration))
      : 0;
  let bottom: NoteName = { step: low.step, alteration: low.alteration - shared };
  let top: NoteName = { step: high.step, alteration: high.alteration - shared };
  if (shared !== 0)
    steps.push({ step: 'strip', from: low, to: high, bareFrom: bottom, bareTo: top, taken: shared });
  const restBottom = bottom.alteration;
  const restTop = top.alteration;
  bottom = { step: bottom.step, alteration: 0 };
  top = { step: top.step, alteration: 0 };
  const sized = (): Interval => ({ number: interval.number, deviation: deviationUp(bottom, top) });
  steps.push({ step: 'bare-size', from: bottom, to: top, interval: sized() });
  for (const [end, rest] of [
    ['top', restTop],
    ['bottom', restBottom],
  ] as const) {
    for (let i = 0; i < Math.abs(rest); i++) {
      const change = Math.sign(rest);
      if (end === 'top') top = { step: top.step, alteration: top.alteration + change };
      else bottom = { step: bottom.step, alteration: bottom.alteration + change };
      steps.push({
        step: 'put-back',
        end,
        note: end === 'top' ? top : bottom,
        change,
        wider: end === 'top' ? change > 0 : change < 0,
        interval: sized(),
      });
    }
  }
  return steps;
}

function byHalfSteps(low: Note, high: Note, interval: Interval): WorkingStep[] {
  const size = halfSteps(interval);
  return [
    { step: 'count-half-steps', from: low, to: high, halfSteps: size },
    {
      step: 'look-up', number: interval.number, halfSteps: size, plain: { number: interval.number, deviation: 0 },
      plainHalfSteps: majorSize(interval.number), interval: { number: interval.number, deviation: interval.deviation },
    }, // prettier-ignore
  ];
}

function byInversion(low: Note, high: Note, simple: Interval): WorkingStep[] {
  const inversion = attempt(() => invert(simple));
  if (!inversion.ok) return [{ step: 'no-inversion', interval: simple }];
  return [
    { step: 'turn-over', from: high, to: low, inversion: inversion.value },
    { step: 'turn-back', inversion: inversion.value, interval: simple },
  ];
}

/**
 * The working for building an interval above or below a note. Throws TheoryError past a triple alteration.
 */
export function buildIntervalWorking(from: Note, wanted: Interval, below: boolean): WorkingStep[] {
  const note = transpose(from, wanted, below);
  const letter: NoteName = { step: note.step, alteration: 0 };
  const simple = simpleForm(wanted);
  const bare: Interval = {
    number: simple.number,
    deviation: below ? deviationUp(letter, from) : deviationUp(from, letter),
  };
  const steps: WorkingStep[] = [{ step: 'reach-letter', from, number: wanted.number, below, letter }];
  steps.push({ step: 'adjust', bare: letter, bareInterval: bare, wanted: simple, note });
  return steps;
}

/** The working for inverting an interval as a check: numbers to 9, qualities swapped. */
export function invertIntervalWorking(from: Note, to: Note): WorkingStep[] {
  const measured = intervalBetween(from, to);
  const [low, high] = measured.direction === 'down' ? [to, from] : [from, to];
  return byInversion(low, high, simpleForm(measured));
}

/** The check of an inversion by its numbers alone: the two sum to 9, and the qualities swap or stay perfect. */
export function inversionCheckWorking(interval: Interval): WorkingStep[] {
  const simple = simpleForm(interval);
  const inversion = attempt(() => invert(simple));
  return inversion.ok
    ? [{ step: 'turn-back', inversion: simple, interval: inversion.value }]
    : [{ step: 'no-inversion', interval: simple }];
}
