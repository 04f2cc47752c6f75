import type { Unknown } from '../context/workBack';

const UNKNOWN: Record<Unknown, string> = {
  open:
    'The bracket has no arrow: the V does not resolve, its target is open, ' +
    'and no chord can be deduced from it.',
  'no-bracket':
    'Nothing is drawn at this chord. A bracket or an arrow is needed to work it back: write [? ?]> or ?>.',
  'no-target': 'The arrow goes to no chord that is known. Write the target first.',
};

/** Why a sought chord cannot be deduced, and what would make it so. */
export function sayUnknown(why: Unknown): string {
  return UNKNOWN[why];
}
