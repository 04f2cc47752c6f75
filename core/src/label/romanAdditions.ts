import { memberFrom, memberNote, sortMembers, type Member } from '../chord/chord';
import { describe } from '../chord/describe';
import { signatureFifths, type Key } from '../key/key';
import { signatureAlteration } from '../key/scale';
import { localKey, rootOf, type Numeral } from './numeral';
import { parseNumeral } from './numeralParse';
import { accidentalAscii } from '../pitch/print';
import { ROMANTEXT } from '../school/school';

const ADDITION = /\[add([b#]{0,2})(\d{1,2})\]/g;

/**
 * A numeral as RomanText writes it: what is added is counted in the signature of the key, so that `[add9]` of
 * V in A minor is F, and `[add#9]` F# (as readers of the format hear it). Throws TheoryError `numeral`.
 */
export function readRomanNumeral(text: string, key: Key): Numeral {
  const added = [...text.matchAll(ADDITION)];
  const numeral = parseNumeral(text.replace(ADDITION, ''), key, ROMANTEXT);
  if (added.length === 0) return numeral;
  const more = added.map(([, signs, degree]): Member => {
    const change = signs!.startsWith('b') ? -signs!.length : signs!.length;
    return scaleMember(numeral, key, Number(degree), change);
  });
  return { ...numeral, members: sortMembers([...numeral.members, ...more]) };
}

/** The member of a degree as the signature of the numeral's key has it, and so many half steps off. */
function scaleMember(numeral: Numeral, key: Key, degree: number, change: number): Member {
  const root = rootOf(numeral, key);
  const step = (root.step + degree - 1) % 7;
  const alteration = signatureAlteration(signatureFifths(localKey(numeral, key)), step) + change;
  return { degree, alteration: memberFrom(root, { step: step as typeof root.step, alteration }).alteration };
}

/** A numeral without what stands over its seventh or beside its triad, and that as additions. */
export interface Parted {
  readonly base: Numeral;
  /** `[add9][add#11]`; empty where a figure says it all. */
  readonly additions: string;
  /** 9, 11 or 13 where the scale's own stack up to there is the chord; else null. */
  readonly top: number | null;
}

/** Takes a numeral apart into what RomanText figures say and what they do not. */
export function partAdditions(numeral: Numeral, key: Key): Parted {
  const { added, sixth, seventh } = describe(numeral.members);
  const local = signatureFifths(localKey(numeral, key));
  const root = rootOf(numeral, key);
  const change = (m: Member) => {
    const { step, alteration } = memberNote(root, m);
    return alteration - signatureAlteration(local, step);
  };
  const inRoot = numeral.lowest.degree === 1;
  // A major seventh that the scale has not is no figure 7, whatever word stands before it.
  const isForeign = (m: Member) => m.degree === 7 && seventh === 'major' && inRoot && change(m) !== 0;
  const isMore = (m: Member) =>
    m.degree >= 9 || added.includes(m) || (sixth && m.degree === 6) || isForeign(m);
  const more = numeral.members.filter(isMore);
  if (more.length === 0) return { base: numeral, additions: '', top: null };
  const base = { ...numeral, members: numeral.members.filter((m) => !isMore(m)) };
  const top = more[more.length - 1]!.degree;
  const whole =
    inRoot &&
    seventh !== null &&
    more.length === (top - 7) / 2 &&
    more.every((m) => m.degree >= 9 && change(m) === 0);
  if (whole) return { base, additions: '', top };
  return {
    base,
    additions: more.map((m) => `[add${accidentalAscii(change(m))}${m.degree}]`).join(''),
    top: null,
  };
}
