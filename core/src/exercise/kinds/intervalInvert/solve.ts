import { attempt } from '../../../errors';
import {
  type Interval,
  intervalBetween,
  invert,
  parseInterval,
  printInterval,
} from '../../../interval/interval';
import { parseNote } from '../../../pitch/parse';
import type { EarlierAnswer } from '../../exerciseKind';
import type { IntervalInvertGiven } from './given';

/** The interval that is turned: by its name, or measured where none is given. */
export const intervalToTurn = ({ from, to, name }: IntervalInvertGiven): Interval =>
  name === undefined ? intervalBetween(parseNote(from), parseNote(to)) : parseInterval(name);

/** Numbers make nine, perfect stays, the other qualities swap (common practice). */
export const solveIntervalInvert = (given: IntervalInvertGiven): readonly string[] => [
  printInterval(invert(intervalToTurn(given))),
];

/** Whether a name is the inversion of what an interval was called, wrongly, in an earlier question. */
export function followsInterval(
  given: IntervalInvertGiven,
  said: string,
  { kind, given: earlier, said: before }: EarlierAnswer,
): boolean {
  if (kind !== 'interval-name') return false;
  const { from, to } = earlier as Partial<IntervalInvertGiven>;
  const turned = attempt(() => printInterval(invert(parseInterval(String(before)))));
  return from === given.from && to === given.to && turned.ok && turned.value === said;
}
