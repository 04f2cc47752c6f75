import { printMember, type Member } from './chord';
import { describe, qualityName, shorten } from './describe';

/**
 * The quality of a chord as its short symbol has it, so that it has one name wherever it is met: a stack whose
 * ninth is altered is a seventh chord with what is altered over it, `minor-seventh with b9 b13` (house usage,
 * as the stacks of a map are named).
 */
export function stackQuality(members: readonly Member[]): string {
  const whole = describe(members);
  const short = shorten(whole, 'short');
  if (short.top === whole.top) return qualityName(whole);
  return `${qualityName(short)} with ${short.altered.map(printMember).join(' ')}`;
}
