import { collectMembers } from '../chord/suffix';
import { intervalUp } from '../interval/interval';
import { sortMembers, type Member } from '../chord/chord';
import { parseKey, type Key } from '../key/key';
import { readAccidentals } from '../pitch/parse';
import { diatonicExtension, diatonicNumeral } from './diatonic';
import { TextMemo } from '../memo';
import { ROOT, localKey, rootOf, type Numeral } from './numeral';
import { DEFAULT_LABEL_STYLE, type LabelStyle } from '../school/school';
import { bad, type Signs, readSigns } from './numeralSigns';
import { mayBeSpecial, readSpecial } from './numeralSpecials';

const C_MAJOR = parseKey('C major');

const ROMAN_DEGREES: Record<string, number> = {
  I: 1, II: 2, III: 3, IV: 4, V: 5, VI: 6, VII: 7, i: 1, ii: 2, iii: 3, iv: 4, v: 5, vi: 6, vii: 7,
}; // prettier-ignore

const MAX_CHAIN = 6;

/**
 * Reads a Roman numeral of the house grammar: `I`, `4`, `ii65`, `V6/5/ii`, `V of
 * ii`, `viiø7`, `vii/o7`, `bVII7`, `N6`, `Ger+6`, `CTo7`, `subV7`, `Cad64`,
 * `V7b9[no5]`, `IIm7`. The school decides bare sevenths, letters and words of
 * inversion, and all-capital numerals; the key decides what is diatonic.
 * Throws TheoryError `numeral`.
 */
export function parseNumeral(
  text: string,
  key: Key = C_MAJOR,
  school: LabelStyle = DEFAULT_LABEL_STYLE,
): Numeral {
  const whole = text.trim();
  if (whole.length > 80) throw bad(text, 'this is too long for a numeral.');
  if (/^[1-7]$/.test(whole)) return diatonicNumeral(key, Number(whole));
  return parseAt(whole, text, key, school, 0);
}

function parseAt(whole: string, text: string, key: Key, school: LabelStyle, depth: number): Numeral {
  if (depth > MAX_CHAIN) throw bad(text, 'more than six targets in a chain are not read.');
  if (depth === 0) whole = wordsToTheChord(whole);
  const arrow = whole.includes('→') ? /^(?:\((.+?)\)|([^→]+?))→(.+)$/.exec(whole) : null;
  if (arrow) {
    const target = parseAt(arrow[3]!.trim(), text, key, school, depth + 1);
    return readOne((arrow[1] ?? arrow[2]!).trim(), text, localKeyOf(target, key), school, target);
  }
  const cut = targetStart(whole);
  let target: Numeral | null = null;
  let own = whole;
  if (cut) {
    own = whole.slice(0, cut.at).trim();
    target = parseAt(whole.slice(cut.after).trim(), text, key, school, depth + 1);
  }
  return readOne(own, text, target ? localKeyOf(target, key) : key, school, target);
}

const INVERSION = /,?\s*(?:root position|(?:first|second|third) inversion)$/;

/** Words of inversion at the end belong to the chord and not to its target: `V7 of ii, first inversion`. */
function wordsToTheChord(whole: string): string {
  const words = INVERSION.exec(whole);
  if (!words) return whole;
  const before = whole.slice(0, words.index).trim();
  const arrow = /^\((.+?)\)(→.+)$/.exec(before);
  if (arrow) return `(${arrow[1]}${words[0]})${arrow[2]}`;
  const cut = before.includes('→') ? { at: before.indexOf('→') } : targetStart(before);
  if (!cut) return whole;
  return `${before.slice(0, cut.at).trimEnd()}${words[0]}${before.slice(cut.at)}`;
}

function localKeyOf(target: Numeral, key: Key): Key {
  return localKey({ degree: 1, alteration: 0, members: [], lowest: ROOT, special: null, target }, key);
}

/**
 * Finds the slash or `of` before a target: a slash before a numeral applies, before a digit it joins figures.
 */
function targetStart(whole: string): { at: number; after: number } | null {
  const of = whole.indexOf(' of ');
  const firstSlash = whole.indexOf('/', 1);
  if (of < 0 && firstSlash < 0) return null;
  let slash = -1;
  for (let at = firstSlash < 0 ? whole.length : firstSlash; at < whole.length - 1; at++) {
    if (whole[at] !== '/') continue;
    const rest = whole.slice(at + 1);
    if (/^[b#♭♯]*(?:[iIvV]|N|It|Fr|Ger|sub)/.test(rest)) {
      slash = at;
      break;
    }
  }
  if (slash >= 0 && (of < 0 || slash < of)) return { at: slash, after: slash + 1 };
  return of < 0 ? null : { at: of, after: of + 4 };
}

function readOne(own: string, text: string, key: Key, school: LabelStyle, target: Numeral | null): Numeral {
  const special = mayBeSpecial(own) ? readSpecial(own, text, key, target) : null;
  if (special) return special;
  const sub = own.startsWith('sub');
  let at = sub ? 3 : 0;
  const prefix = readAccidentals(own, at);
  at = prefix.end;
  const length = romanLength(own, at);
  if (length === 0)
    throw bad(
      text,
      own === '' ? 'a numeral is missing here.' : `“${own}” does not start with a numeral from I to VII.`,
    );
  const roman = own.slice(at, at + length);
  const upper = roman.charCodeAt(0) < 97;
  at += length;
  const degree = ROMAN_DEGREES[roman]!;
  if (Math.abs(prefix.alteration) > 2)
    throw bad(text, 'more than a double accidental before a numeral is not read.');
  const spoken = signsOf(own, at, text, upper, school);
  const { signs } = spoken;
  const bare = school.numeralCase === 'capitals-bare' && upper && !sub && !signs.explicit;
  const small = bare ? isSmallDegree(key, degree) : signs.suffix.third === -1;
  const alteration = sub ? -1 : rootAlteration(key, degree, prefix.alteration, small);
  const members =
    bare && prefix.alteration === 0
      ? bareMembers(key, degree, signs)
      : (spoken.members ?? sortMembers(finishMembers(signs, key, degree, sub ? 0 : alteration, school)));
  const numeral: Numeral = {
    degree: sub ? 2 : degree,
    alteration,
    members,
    lowest: ROOT,
    special: sub ? 'sub' : null,
    target,
  };
  return {
    degree: numeral.degree,
    alteration,
    members,
    lowest: lowestMember(numeral, signs, key, text),
    special: numeral.special,
    target,
  };
}

/** Signs with the stack they make, where that needs no key. */
interface SpokenSigns {
  readonly signs: Signs;
  readonly members: readonly Member[] | null;
}

/**
 * Signs by the text after the roman figure, by case and way of inversion: the same few come with every
 * degree.
 */
const SIGNS = new TextMemo<SpokenSigns>();

function signsOf(own: string, at: number, text: string, upper: boolean, school: LabelStyle): SpokenSigns {
  // In the diatonic school the stack depends on the key, and the signs are finished there.
  if (school.sevenths === 'diatonic' && school.numeralCase === 'quality')
    return { signs: readSigns(own, at, text, upper, school), members: null };
  return SIGNS.of(`${upper ? 'U' : 'l'}${school.inversion}${school.letters} ${own.slice(at)}`, () => {
    const signs = readSigns(own, at, text, upper, school);
    return { signs, members: sortMembers(finishMembers(signs, C_MAJOR, 1, 0, school)) };
  });
}

/** Characters of the roman figure at `at`, the longest that fits, all of one case; 0 for none. */
function romanLength(own: string, at: number): number {
  for (let length = Math.min(3, own.length - at); length > 0; length--)
    if (ROMAN_DEGREES[own.slice(at, at + length)]) return length;
  return 0;
}

function isSmallDegree(key: Key, degree: number): boolean {
  return diatonicNumeral(key, degree).members.some((m) => m.degree === 3 && m.alteration === -1);
}

/**
 * The root's alteration against the natural scale. In minor a small vi or vii
 * stands on the raised degree and a capital VI or VII on the natural one; a
 * sharp or flat that only confirms this is cautionary.
 */
function rootAlteration(key: Key, degree: number, written: number, small: boolean): number {
  if (key.mode !== 'minor' || degree < 6) return written;
  if (small) return written > 0 ? written : written + 1;
  return written < 0 ? written + 1 : written;
}

/** Turns the signs into members, the sevenths and extensions by the school. */
function finishMembers(
  signs: Signs,
  key: Key,
  degree: number,
  alteration: number,
  school: LabelStyle,
): Member[] {
  const { suffix } = signs;
  const explicitSeventh = suffix.alterations.some((m) => m.degree === 7);
  if (explicitSeventh) suffix.alterations = suffix.alterations.filter((m) => m.degree !== 7);
  const diatonic =
    school.sevenths === 'diatonic' &&
    school.numeralCase === 'quality' &&
    !suffix.majorNext &&
    !suffix.diminished &&
    !suffix.halfDiminished &&
    !explicitSeventh;
  // A minor triad has a minor seventh, also where it is borrowed.
  const natural = (member: 7 | 9 | 11 | 13) =>
    member === 7 && suffix.third === -1 ? -1 : diatonicExtension(key, degree, alteration, member);
  if (explicitSeventh) suffix.seventh = -1;
  else if (suffix.majorNext) suffix.seventh = 0;
  else if (suffix.halfDiminished) suffix.seventh = suffix.top > 0 ? -1 : null;
  else if (suffix.top > 0 && suffix.seventh === null)
    suffix.seventh = suffix.diminished ? -2 : diatonic ? clampSeventh(natural(7)) : -1;
  if (suffix.seventh !== null && suffix.top === 0) suffix.top = 7;
  let list = collectMembers(suffix);
  if (diatonic && suffix.top > 7) {
    list = list.map((m) => {
      const plainSaid = suffix.added.some((other) => other.degree === m.degree && other.alteration === 0);
      const said =
        suffix.alterations.some((other) => other.degree === m.degree) ||
        plainSaid ||
        suffix.added.includes(m);
      if (said || (m.degree !== 9 && m.degree !== 11 && m.degree !== 13)) return m;
      return { degree: m.degree, alteration: natural(m.degree) };
    });
  }
  return list;
}

function clampSeventh(alteration: number): number {
  return Math.max(-2, Math.min(0, alteration));
}

/** All-capital bare numerals take the quality of their degree in the key. */
function bareMembers(key: Key, degree: number, { suffix }: Signs): readonly Member[] {
  return diatonicNumeral(key, degree, suffix.top === 0 ? 5 : (suffix.top as 7 | 9 | 11 | 13)).members;
}

function lowestMember(numeral: Numeral, signs: Signs, key: Key, text: string): Member {
  if (signs.bass !== null) {
    const root = rootOf({ ...numeral, target: null }, key);
    const { number, deviation } = intervalUp(root, signs.bass);
    const within = numeral.members.find(
      (m) => ((m.degree - 1) % 7) + 1 === number && m.alteration === deviation,
    );
    return within ?? { degree: number % 2 === 0 ? number + 7 : number, alteration: deviation };
  }
  if (signs.bassDegree === null) return numeral.members[0] ?? ROOT;
  if (signs.bassDegree === 1 && signs.bassAlteration === null) return numeral.members[0] ?? ROOT;
  const found = numeral.members.find(
    (m) =>
      m.degree === signs.bassDegree &&
      (signs.bassAlteration === null || m.alteration === signs.bassAlteration),
  );
  if (found) return found;
  if (signs.figures === '' || signs.suffix.sus.length > 0) return stand(numeral, signs);
  if (signs.suffix.omitted.includes(signs.bassDegree))
    throw bad(text, 'the lowest member is among those left out.');
  return { degree: signs.bassDegree, alteration: signs.bassAlteration ?? 0 };
}

/** Over a suspension, the suspended note stands where the third would. */
function stand(numeral: Numeral, signs: Signs): Member {
  if (signs.bassDegree === 3) return numeral.members.find((m) => m.degree === 4 || m.degree === 2) ?? ROOT;
  return { degree: signs.bassDegree!, alteration: signs.bassAlteration ?? 0 };
}
