import { emptySuffix, readToken, type Suffix } from '../chord/suffix';
import { TheoryError } from '../errors';
import { readAccidentals } from '../pitch/parse';
import { parseNoteNameAt } from '../pitch/letters';
import type { NoteName } from '../pitch/note';
import { type LabelStyle } from '../school/school';

export function bad(text: string, wrong: string): TheoryError {
  return new TheoryError(
    'numeral',
    text,
    wrong,
    'Write for example ii65, V7/V, viio6, bVI, N6, Ger+6 or V9[no5].',
  );
}

/** Characters of a sign for a major seventh (or a major triad): maj, M, △; 0 for none. */
function majorLength(own: string, at: number): number {
  const char = own[at]!;
  if ((char === 'm' || char === 'M') && own.startsWith('aj', at + 1)) return 3;
  return char === 'M' || char === '△' || char === 'Δ' || char === '∆' ? 1 : 0;
}

/** Everything said after the roman figures. */
export interface Signs {
  suffix: Suffix;
  figures: string;
  bassDegree: number | null;
  /** Null where the alteration is left to the member of that degree. */
  bassAlteration: number | null;
  /** Whether more is said than figures and inversion: then nothing is taken from the key. */
  explicit: boolean;
  bass: NoteName | null;
}

/** Figures of the numeral grammar: what they stack up to and which member they put lowest. */
const FIGURES: Record<string, { top: 0 | 7 | 9 | 11 | 13; lowest: number }> = {
  '13': { top: 13, lowest: 1 }, '11': { top: 11, lowest: 1 }, '9': { top: 9, lowest: 1 }, '7': { top: 7, lowest: 1 },
  '753': { top: 7, lowest: 1 }, '653': { top: 7, lowest: 3 }, '643': { top: 7, lowest: 5 },
  '642': { top: 7, lowest: 7 },
  '65': { top: 7, lowest: 3 }, '43': { top: 7, lowest: 5 }, '42': { top: 7, lowest: 7 }, '2': { top: 7, lowest: 7 },
  '64': { top: 0, lowest: 5 }, '63': { top: 0, lowest: 3 }, '53': { top: 0, lowest: 1 },
  '54': { top: 0, lowest: 1 }, '6': { top: 0, lowest: 3 },
}; // prettier-ignore

/** Digits joined by slashes, as far as they make known figures. */
function readFigures(own: string, at: number): { figures: string; end: number } {
  let figures = '';
  let end = at;
  let best = { figures: '', end: at };
  while (end < own.length) {
    const char = own[end]!;
    if (char >= '0' && char <= '9') {
      figures += char;
      end++;
      if (FIGURES[figures]) best = { figures, end };
    } else if (char === '/' && figures !== '' && /\d/.test(own[end + 1] ?? '')) end++;
    else break;
  }
  return best;
}

const INVERSION_WORDS: Record<string, number> = {
  'root position': 1,
  'first inversion': 3,
  'second inversion': 5,
  'third inversion': 7,
};

export function readSigns(
  own: string,
  start: number,
  text: string,
  upper: boolean,
  school: LabelStyle,
): Signs {
  const signs: Signs = {
    suffix: emptySuffix(),
    figures: '',
    bassDegree: null,
    bassAlteration: null,
    explicit: false,
    bass: null,
  };
  const { suffix } = signs;
  suffix.third = upper ? 0 : -1;
  suffix.triadSaid = !upper;
  let at = start;
  const words =
    own.length < 14 ? null : /[ ,(]+((?:root position)|(?:(?:first|second|third) inversion))\)?$/.exec(own);
  const limit = words ? words.index : own.length;
  if (words) signs.bassDegree = INVERSION_WORDS[words[1]!]!;
  at = readQuality(own, at, signs, upper);
  while (at < limit) {
    const next = readSign(own, at, limit, signs, upper, school, at === start);
    if (next <= at) throw bad(text, `“${own.slice(at)}” after “${own.slice(0, at)}” is not understood.`);
    at = next;
  }
  if (suffix.majorNext && suffix.top === 0) suffix.majorNext = false;
  return signs;
}

/** o ° ø /o + after the numeral. */
function readQuality(own: string, at: number, signs: Signs, upper: boolean): number {
  const { suffix } = signs;
  const slashed = own.startsWith('/o', at) || own.startsWith('/°', at);
  const char = own[at];
  if (slashed || char === 'ø' || char === 'Ø') {
    Object.assign(suffix, { third: -1, fifth: -1, halfDiminished: true, triadSaid: true });
    signs.explicit = true;
    return at + (slashed ? 2 : 1);
  }
  if (char === 'o' || char === '°' || char === 'º') {
    if (own.startsWith('omit', at)) return at;
    Object.assign(suffix, { third: -1, fifth: -1, diminished: true, triadSaid: true });
    signs.explicit = true;
    return at + 1;
  }
  if (char === '+' && upper) {
    Object.assign(suffix, { fifth: 1, triadSaid: true });
    signs.explicit = true;
    return at + 1;
  }
  return at;
}

function readSign(
  own: string,
  at: number,
  limit: number,
  signs: Signs,
  upper: boolean,
  school: LabelStyle,
  first: boolean,
): number {
  const { suffix } = signs;
  const char = own[at]!;
  if (char === '[' || char === ']') return at + 1;
  if (
    char >= '0' &&
    char <= '9' &&
    signs.figures === '' &&
    suffix.top === 0 &&
    own[at - 1] !== '(' &&
    own[at - 1] !== ','
  ) {
    const { figures, end } = readFigures(own, at);
    if (figures === '') return at;
    const { top, lowest } = FIGURES[figures]!;
    signs.figures = figures;
    if (figures === '54') {
      // The fourth is held over where the third will come.
      suffix.sus = [4];
      suffix.third = null;
    }
    signs.bassDegree ??= lowest;
    suffix.top = top;
    if (top === 0) suffix.majorNext = false;
    return end;
  }
  if (char === 'd' && own.startsWith('dom', at)) {
    signs.explicit = true;
    return at + 3;
  }
  if (char === 'b' && own.startsWith('bass', at)) {
    const natural = own[at + 4] === 'n';
    const { alteration, end } = readAccidentals(own, natural ? at + 5 : at + 4);
    const number = /^(1[13]|[1-79])/.exec(own.slice(end));
    if (!number) return at;
    signs.bassDegree = Number(number[1]);
    signs.bassAlteration = natural || alteration !== 0 ? alteration : null;
    return end + number[1]!.length;
  }
  if (school.inversion === 'letters' && /[abcd]/.test(char) && /^(?:$|\[)/.test(own.slice(at + 1, limit))) {
    signs.bassDegree = [1, 3, 5, 7]['abcd'.indexOf(char)]!;
    return at + 1;
  }
  if (char === '/') {
    const below = parseNoteNameAt(own, at + 1, school.letters);
    if (!below || below.end !== limit) return at;
    signs.bass = below.name;
    return limit;
  }
  const majorWord = signs.figures === '' ? majorLength(own, at) : 0;
  if (majorWord > 0) {
    suffix.majorNext = true;
    signs.explicit = true;
    return at + majorWord;
  }
  if ((char === 'b' || char === '♭') && own[at + 1] === '7') {
    suffix.alterations.push({ degree: 7, alteration: -1 });
    signs.explicit = true;
    return at + 2;
  }
  const next = readToken(own, at, suffix, first && upper);
  if (next > at) signs.explicit = true;
  return next;
}
