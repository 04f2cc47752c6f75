import { readAccidentals } from '../pitch/parse';
import type { Member } from './chord';

/** What the signs of a suffix add up to while it is read. */
export interface Suffix {
  third: number | null;
  fifth: number;
  seventh: number | null;
  diminished: boolean;
  halfDiminished: boolean;
  majorNext: boolean;
  triadSaid: boolean;
  power: boolean;
  top: number;
  sus: number[];
  alterations: Member[];
  added: Member[];
  omitted: number[];
  alt: boolean;
}

/** A plain major triad, nothing said yet. */
export function emptySuffix(): Suffix {
  return {
    third: 0, fifth: 0, seventh: null, diminished: false, halfDiminished: false, majorNext: false, triadSaid: false,
    power: false, top: 0, sus: [], alterations: [], added: [], omitted: [], alt: false,
  }; // prettier-ignore
}

const MAJOR_WORDS = ['major', 'Major', 'maj', 'Maj', 'MAJ', 'ma', 'Ma', 'MA', 'M', '△', 'Δ', '∆', '^'];
const MINOR_WORDS = ['minor', 'min', 'MIN', 'mi', 'MI', 'm', '-'];
const DIMINISHED_WORDS = ['dim', 'DIM', '°', 'o', 'º'];
const MAJOR_AFTER_SLASH = ['/maj', '/ma', '/M'];
const HALF_DIMINISHED_WORDS = ['ø', 'Ø', 'h'];
const AUGMENTED_WORDS = ['aug', 'AUG', '+'];
const SEPARATORS = '(), ';

function matchWord(text: string, at: number, words: readonly string[]): number {
  const char = text[at];
  for (const word of words) {
    // “madd9” is minor with an added ninth, not “ma”.
    if (
      word[0] === char &&
      text.startsWith(word, at) &&
      !(word.length === 2 && word[1] === 'a' && text.startsWith('dd', at + 2))
    )
      return at + word.length;
  }
  return -1;
}

/** Reads one token at `at` into `suffix`; returns the place after it, or `at` when nothing fits. */
export function readToken(text: string, at: number, suffix: Suffix, first: boolean): number {
  const char = text[at]!;
  if (SEPARATORS.includes(char)) return at + 1;
  if (char >= '0' && char <= '9') return readNumber(text, at, suffix);
  const signed = readAlteration(text, at, suffix, first);
  if (signed > at) return signed;
  switch (char) {
    case 's':
      if (text.startsWith('sus', at)) return readSuspension(text, at + 3, suffix);
      break;
    case 'a':
      if (text.startsWith('add', at)) return readAddition(text, at, at + 3, suffix);
      if (text.startsWith('alt', at) && !suffix.alt) {
        suffix.alt = true;
        suffix.seventh ??= -1;
        suffix.top = Math.max(suffix.top, 7);
        return at + 3;
      }
      break;
    case 'n':
      if (text.startsWith('no', at)) return readOmission(text, at, at + 2, suffix);
      break;
    case 'o':
      if (text.startsWith('omit', at)) return readOmission(text, at, at + 4, suffix);
      break;
  }
  return readQualityWord(text, at, suffix, first);
}

/** Major, minor, diminished, augmented and half-diminished in all their spellings. */
function readQualityWord(text: string, at: number, suffix: Suffix, first: boolean): number {
  let end: number;
  if (
    !suffix.majorNext &&
    suffix.seventh === null &&
    !text.startsWith('MI', at) &&
    (end = matchWord(text, at, MAJOR_WORDS)) > 0
  ) {
    if (text[at] === '△' || text[at] === 'Δ' || text[at] === '∆') {
      suffix.seventh = 0;
      suffix.top = 7;
    }
    suffix.majorNext = true;
    return end;
  }
  if (
    suffix.triadSaid &&
    suffix.seventh === null &&
    (end = matchWord(text, at, MAJOR_AFTER_SLASH)) > 0 &&
    text[end] === '7'
  ) {
    suffix.majorNext = true;
    return end;
  }
  if (suffix.triadSaid && suffix.third === -1 && text[at] === '+' && suffix.fifth === 0) {
    suffix.fifth = 1;
    return at + 1;
  }
  if (suffix.triadSaid || suffix.majorNext) return at;
  if (first && text.startsWith('dom', at)) {
    // “dom” alone is the dominant seventh; a number after it says how far the stack goes.
    suffix.triadSaid = true;
    if (!/^dom\d/.test(text.slice(at))) Object.assign(suffix, { seventh: -1, top: 7 });
    return at + 3;
  }
  if ((end = matchWord(text, at, DIMINISHED_WORDS)) > 0) return sayTriad(suffix, -1, -1, end, 'diminished');
  if ((end = matchWord(text, at, HALF_DIMINISHED_WORDS)) > 0) {
    suffix.seventh = -1;
    suffix.top = 7;
    return sayTriad(suffix, -1, -1, end, 'halfDiminished');
  }
  if ((end = matchWord(text, at, AUGMENTED_WORDS)) > 0) return sayTriad(suffix, 0, 1, end);
  if ((end = matchWord(text, at, MINOR_WORDS)) > 0 && first) return sayTriad(suffix, -1, 0, end);
  return at;
}

function sayTriad(
  suffix: Suffix,
  third: number,
  fifth: number,
  end: number,
  flag?: 'diminished' | 'halfDiminished',
): number {
  suffix.third = third;
  suffix.fifth = fifth;
  suffix.triadSaid = true;
  if (flag) suffix[flag] = true;
  return end;
}

function readDigits(text: string, at: number): number {
  const two = text.slice(at, at + 2);
  if (two === '11' || two === '13') return Number(two);
  const code = text.charCodeAt(at);
  return code >= 50 && code <= 57 ? code - 48 : 0;
}

/** 5 6 7 9 11 13, 69 and 6/9, and a bare 2. */
function readNumber(text: string, at: number, suffix: Suffix): number {
  const number = readDigits(text, at);
  const end = at + (number > 9 ? 2 : 1);
  if (number === 7 || number === 9 || number === 11 || number === 13) {
    // The number of a maj7 may follow its sign; otherwise a seventh is said once.
    if (suffix.top > 0 && !(suffix.top === 7 && (suffix.majorNext || suffix.halfDiminished))) {
      if (number === 9 && suffix.added.some((m) => m.degree === 6))
        return addOnce(suffix, { degree: 9, alteration: 0 }, end, at);
      return text[at - 1] === ',' || text[at - 1] === '(' || number > suffix.top
        ? addOnce(suffix, { degree: number, alteration: 0 }, end, at)
        : at;
    }
    if (suffix.added.some((m) => m.degree === 6) && number === 9)
      return addOnce(suffix, { degree: 9, alteration: 0 }, end, at);
    if (suffix.added.some((m) => m.degree === 6)) return at;
    suffix.seventh = suffix.majorNext ? 0 : (suffix.seventh ?? (suffix.diminished ? -2 : -1));
    suffix.top = number;
    suffix.majorNext = false;
    suffix.halfDiminished = false;
    return end;
  }
  if (number === 6 && suffix.top === 0) {
    suffix.majorNext = false;
    const joined = text[end] === '/' && text[end + 1] === '9' ? end + 1 : end;
    return addOnce(suffix, { degree: 6, alteration: 0 }, joined, at);
  }
  if (number === 5 && !suffix.triadSaid && suffix.top === 0 && !suffix.power) {
    suffix.power = true;
    return end;
  }
  if (number === 2 && suffix.top === 0) return addOnce(suffix, { degree: 9, alteration: 0 }, end, at);
  return at;
}

function addOnce(suffix: Suffix, member: Member, end: number, failed: number): number {
  if (suffix.added.some((m) => m.degree === member.degree && m.alteration === member.alteration))
    return failed;
  suffix.added.push(member);
  return end;
}

const ALTERABLE = new Set([4, 5, 6, 9, 11, 13]);

/** b5 #5 b9 #9 #11 b13, and -5 +9 after a number; the sign must stand before a digit. */
function readAlteration(text: string, at: number, suffix: Suffix, first: boolean): number {
  let { alteration, end } = readAccidentals(text, at);
  if (end === at && (text[at] === '+' || text[at] === '-')) {
    const five = text[at + 1] === '5' && text[at + 2] !== '/';
    if (!five && (first || suffix.top === 0)) return at;
    alteration = text[at] === '+' ? 1 : -1;
    end = at + 1;
  }
  if (end === at || alteration === 0 || Math.abs(alteration) > 2) return at;
  const degree = readDigits(text, end);
  if (!ALTERABLE.has(degree)) return at;
  const member = { degree: degree === 4 ? 11 : degree, alteration };
  if (suffix.alterations.some((m) => m.degree === member.degree && m.alteration === alteration)) return at;
  suffix.alterations.push(member);
  return end + (degree > 9 ? 2 : 1);
}

function readSuspension(text: string, end: number, suffix: Suffix): number {
  if (suffix.sus.length > 0) return end - 3;
  const two = text.slice(end, end + 2);
  suffix.sus = two === '24' || two === '42' ? [2, 4] : text[end] === '2' ? [2] : [4];
  suffix.third = null;
  return end + (suffix.sus.length === 2 ? 2 : text[end] === '2' || text[end] === '4' ? 1 : 0);
}

/** `add9`, `add#11`, `add2` (stored as written) and so on. */
function readAddition(text: string, at: number, start: number, suffix: Suffix): number {
  const { alteration, end } = readAccidentals(text, start);
  const degree = readDigits(text, end);
  if (degree < 2 || degree === 8 || (degree === 5 && alteration === 0) || Math.abs(alteration) > 3) return at;
  return addOnce(suffix, { degree, alteration }, end + (degree > 9 ? 2 : 1), at);
}

/** `no3`, `no5`, `no3,5`. */
function readOmission(text: string, at: number, start: number, suffix: Suffix): number {
  let end = start;
  for (;;) {
    const one = text[end] === '1' && text[end + 1] !== '1' && text[end + 1] !== '3';
    const degree = one ? 1 : readDigits(text, end);
    if (degree === 0) return end === start ? at : end;
    suffix.omitted.push(degree);
    end += degree > 9 ? 2 : 1;
    if (text[end] !== ',') return end;
    end += 1;
  }
}

/** The members that the signs stand for. */
export function collectMembers(suffix: Suffix): Member[] {
  const { third, sus, alterations, top } = suffix;
  const list: Member[] = [{ degree: 1, alteration: 0 }];
  for (const degree of sus) list.push({ degree, alteration: 0 });
  if (third !== null && !suffix.power) list.push({ degree: 3, alteration: third });
  if (suffix.alt) list.push({ degree: 5, alteration: -1 }, { degree: 5, alteration: 1 });
  else if (!isAltered(alterations, 5)) list.push({ degree: 5, alteration: suffix.fifth });
  if (suffix.seventh !== null) list.push({ degree: 7, alteration: suffix.seventh });
  if (suffix.alt) list.push({ degree: 9, alteration: -1 }, { degree: 9, alteration: 1 });
  for (let degree = 9; degree <= top; degree += 2)
    if (!isAltered(alterations, degree)) list.push({ degree, alteration: 0 });
  for (const member of alterations) list.push(member);
  for (const member of suffix.added) list.push(member);
  return suffix.omitted.length === 0 ? list : list.filter((m) => !suffix.omitted.includes(m.degree));
}

function isAltered(alterations: readonly Member[], degree: number): boolean {
  for (const member of alterations) if (member.degree === degree) return true;
  return false;
}
