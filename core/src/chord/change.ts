import { TheoryError } from '../errors';
import { sameName } from '../pitch/note';
import { makeChord, memberNote, printMember, type Chord, type Member } from './chord';
import { memberWord } from './inversionNames';

/** What can be done to one member of a chord. */
export type MemberChange = 'raise' | 'lower' | 'leave-out';

/** Degrees that a stack can be given beside what it has. */
export const ADDABLE_DEGREES = [1, 2, 3, 4, 5, 6, 7, 9, 11, 13] as const;
const MAX_MEMBER_ALTERATION = 2;

/**
 * The chord with one member raised or lowered by a half step, spelled on the
 * same letter, or left out. A bass that moves stays the bass; one that is left
 * out gives way to the lowest member. Throws TheoryError `chord` where nothing
 * sensible would be left.
 */
export function changeMember(chord: Chord, member: Member, change: MemberChange): Chord {
  const rest = chord.members.filter((m) => m.degree !== member.degree || m.alteration !== member.alteration);
  if (rest.length === chord.members.length) {
    throw new TheoryError(
      'chord',
      printMember(member),
      'the chord has no such member.',
      'Choose one of the members that are there.',
    );
  }
  const wasBass = sameName(memberNote(chord.root, member), chord.bass);
  if (change === 'leave-out') {
    if (rest.length < 2) {
      throw new TheoryError(
        'chord',
        memberWord(member),
        'two notes are the least that a chord is named from.',
        'Leave this member in.',
      );
    }
    return makeChord(chord.root, rest, wasBass ? undefined : chord.bass);
  }
  const alteration = member.alteration + (change === 'raise' ? 1 : -1);
  if (member.degree === 1 || Math.abs(alteration) > MAX_MEMBER_ALTERATION) {
    throw new TheoryError(
      'chord',
      memberWord(member),
      member.degree === 1
        ? 'the root gives the chord its name and is not altered.'
        : 'a member is altered by two half steps at most.',
      member.degree === 1 ? 'Build the chord on another root.' : 'Choose the neighbouring member.',
    );
  }
  const moved = { degree: member.degree, alteration };
  return makeChord(chord.root, [...rest, moved], wasBass ? memberNote(chord.root, moved) : chord.bass);
}

/**
 * The chord with a member added as the root's major scale has it; the seventh as the minor seventh that a
 * plain 7 means.
 */
export function addMember(chord: Chord, degree: number): Chord {
  const alteration = degree === 7 ? -1 : 0;
  if (chord.members.some((m) => m.degree === degree && m.alteration === alteration)) {
    throw new TheoryError(
      'chord',
      memberWord({ degree }),
      'this member is there already.',
      'Raise or lower it, or add another.',
    );
  }
  return makeChord(chord.root, [...chord.members, { degree, alteration }], chord.bass);
}

/** The same chord with its third moved between major and minor; null without one of the two. */
export function turnThird(chord: Chord): Chord | null {
  const third = chord.members.find((m) => m.degree === 3 && (m.alteration === 0 || m.alteration === -1));
  return third ? changeMember(chord, third, third.alteration === 0 ? 'lower' : 'raise') : null;
}
