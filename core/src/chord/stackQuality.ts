import { printMember, type Member } from './chord';
import { describe, isAugmentedSixth, qualityName, shorten } from './describe';

/**
 * The quality of a chord as its short symbol has it, so that it has one name wherever it is met: with what is
 * altered or added over it, `dominant-seventh with b9`, `major with 9`, `minor-seventh with b9 b13` (house
 * usage, as the stacks of a map are named).
 */
export function stackQuality(members: readonly Member[]): string {
  const whole = describe(members);
  const short = shorten(whole, 'short');
  const extra = isAugmentedSixth(whole) ? [] : [...short.altered, ...short.added];
  const name = qualityName(short);
  return extra.length === 0 ? name : `${name} with ${extra.map(printMember).join(' ')}`;
}
