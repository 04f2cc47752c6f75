import { describe } from '../../../chord/describe';
import { isMinorTarget, type FoundChord } from '../../../context/workBack';
import { attempt } from '../../../errors';
import { nameAbove } from '../../../interval/interval';
import type { Key } from '../../../key/key';
import { chordOfNumeral, type Numeral } from '../../../label/numeral';
import { entryOf, readEntry } from '../../../line/entry';
import { sameName, type NoteName } from '../../../pitch/note';
import { DEFAULT_SCHOOL } from '../../../school/school';
import { workBackWorking } from '../../../working/workBackWorking';
import type { Exercise } from '../../exercise';

/** A chord that is sought, as brackets and arrows deduce it, in the key of its place. */
export interface WorkBackQuestion {
  readonly found: FoundChord;
  readonly key: Key;
}

/** What is wrong with a chord that was worked back. */
export type WorkBackCause =
  | {
      readonly kind: 'root';
      readonly role: FoundChord['role'];
      readonly said: NoteName;
      readonly root: NoteName;
      /** The root a fifth above which it lies. */
      readonly above: NoteName;
    }
  | {
      readonly kind: 'quality';
      readonly role: FoundChord['role'];
      readonly root: NoteName;
      readonly minorTarget: boolean;
    };

/**
 * A chord that is to be worked back from brackets and arrows, answered by a numeral, a symbol or notes. The
 * root has to be the deduced one; a V is a major triad or a dominant seventh, a ii a minor triad or seventh,
 * before a minor target a diminished one too. The seventh and the inversion are free.
 */
export const WORK_BACK: Exercise<WorkBackQuestion, Numeral, WorkBackCause> = {
  id: 'work-back',
  answer: ({ found }) => found.numeral,
  show: ({ found, key }) => workBackWorking(found, key),
  mark({ found, key }, written, school = DEFAULT_SCHOOL) {
    const { role, numeral, target } = found;
    const read = attempt(() => readEntry(entryOf(written.trim(), key, school), key).chord);
    if (!read.ok) return { verdict: 'unreadable', error: read.error };
    const [root, goal] = [chordOfNumeral(numeral, key).root, chordOfNumeral(target, key).root];
    const said = read.value.root;
    if (!sameName(said, root)) {
      const above = role === 'V' ? goal : nameAbove(goal, { number: 5, deviation: 0 });
      return { verdict: 'wrong', right: numeral, cause: { kind: 'root', role, said, root, above } };
    }
    const { triad, seventh } = describe(read.value.members);
    const minorTarget = isMinorTarget(target);
    const right =
      role === 'V'
        ? triad === 'major' && seventh !== 'major'
        : minorTarget
          ? (triad === 'diminished' && seventh !== 'diminished') || (triad === 'minor' && seventh === 'minor')
          : triad === 'minor' && seventh !== 'major';
    return right
      ? { verdict: 'right', right: numeral }
      : { verdict: 'wrong', right: numeral, cause: { kind: 'quality', role, root, minorTarget } };
  },
};
