import type { School } from '../label/school';
import { displayNoteName } from '../pitch';
import type { BackMark, Unknown } from '../progression/workBack';

/** What a teacher would say to an answer for a chord that is worked back. */
export function sayBackMark(mark: BackMark, school: School): string {
  const name = (note: Parameters<typeof displayNoteName>[0]) => displayNoteName(note, school.letters);
  switch (mark.verdict) {
    case 'right':
      return 'Right.';
    case 'unreadable':
      return mark.error.message;
    case 'wrong-root':
      return mark.role === 'V'
        ? `Its root is not ${name(mark.said)}: a V lies a fifth above the root that its arrow goes to, ${name(mark.above)}.`
        : `Its root is not ${name(mark.said)}: a ii lies a fifth above the root of its V, ${name(mark.above)}.`;
    case 'wrong-quality':
      if (mark.role === 'V')
        return `The root ${name(mark.root)} is right. A dominant has a major third, and a minor seventh if it has one.`;
      return mark.minorTarget
        ? `The root ${name(mark.root)} is right. Before a minor goal the ii has a minor third and a lowered fifth.`
        : `The root ${name(mark.root)} is right. A ii is a minor chord.`;
  }
}

/** Why a sought chord cannot be deduced, and what would make it so. */
export function sayUnknown(why: Unknown): string {
  switch (why) {
    case 'open':
      return 'The bracket has no arrow: the V does not resolve, its target is open, and no chord can be deduced from it.';
    case 'no-bracket':
      return 'Nothing is drawn at this chord. A bracket or an arrow is needed to work it back: write [? ?]> or ?>.';
    case 'no-target':
      return 'The arrow goes to no chord that is known. Write the target first.';
  }
}
