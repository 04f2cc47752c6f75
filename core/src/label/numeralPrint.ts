import { describe, shorten, type Description, type Detail } from '../chord/describe';
import { INVERSION_WORDS } from '../chord/inversionNames';
import { symbolSuffix } from '../chord/symbolPrint';
import type { Key } from '../key/key';
import { accidentalAscii, displayNoteName, printNoteName } from '../pitch';
import { diatonicExtension, diatonicNumeral, isSmall } from './diatonic';
import { chordOfNumeral, isAugmentedSixthName, localKey, type Numeral } from './numeral';
import { DEFAULT_SCHOOL, type School } from './school';

/**
 * A numeral taken apart for setting in type: `prefix` accidentals (b/#) and
 * the roman figures on the line, `quality` raised (o ø +), `word` for maj or
 * symbol suffixes, `figures` stacked small, `rest` for alterations, additions
 * and omissions, `bass` for slash, letter or words of inversion, then the
 * target. `arrow` marks applied chords shown as pointing to the next chord.
 */
export interface NumeralParts {
  readonly prefix: string;
  readonly roman: string;
  readonly quality: '' | 'o' | 'ø' | '+';
  readonly word: string;
  readonly figures: readonly string[];
  readonly rest: string;
  readonly bass: string;
  readonly target: NumeralParts | null;
  readonly joint: 'slash' | 'of' | 'arrow' | 'none';
}

const ROMAN = ['I', 'II', 'III', 'IV', 'V', 'VI', 'VII'];
const TRIAD_FIGURES: readonly (readonly string[])[] = [[], ['6'], ['6', '4']];
/** Degrees of the stack by inversion. */
const STACK_DEGREES = [1, 3, 5, 7];
const SEVENTH_FIGURES: readonly (readonly string[])[] = [['7'], ['6', '5'], ['4', '3'], ['4', '2']];

/** Takes a numeral apart for the given school. The key decides what goes without saying. */
export function numeralParts(
  numeral: Numeral,
  key: Key,
  school: School = DEFAULT_SCHOOL,
  detail: Detail = 'exact',
): NumeralParts {
  const local = localKey(numeral, key);
  const own = ownParts(numeral, local, school, detail);
  if (!numeral.target) return own;
  const joint = ({ slash: 'slash', of: 'of', arrow: 'arrow', 'arrows-only': 'none' } as const)[
    school.applied
  ];
  return { ...own, target: numeralParts(numeral.target, key, school), joint };
}

/** Parts without a target; written out, as spreading objects is slow on this hot path. */
function parts(
  prefix: string,
  roman: string,
  quality: NumeralParts['quality'],
  word: string,
  figures: readonly string[],
  rest = '',
  bass = '',
): NumeralParts {
  return { prefix, roman, quality, word, figures, rest, bass, target: null, joint: 'none' };
}

const NO_FIGURES: readonly string[] = [];

function ownParts(numeral: Numeral, local: Key, school: School, detail: Detail): NumeralParts {
  const { special } = numeral;
  if (isAugmentedSixthName(special)) return parts('', special, '+', '', ['6']);
  if (special === 'Cad') return parts('', 'Cad', '', '', TRIAD_FIGURES[2]!);
  if (special === 'CT') {
    return parts('', 'CT', 'o', '', SEVENTH_FIGURES[inversionIndex(numeral)] ?? SEVENTH_FIGURES[0]!);
  }
  const description = shorten(describe(numeral.members), detail);
  if (special === 'N') return parts('', 'N', '', '', TRIAD_FIGURES[inversionIndex(numeral)] ?? NO_FIGURES);
  const sub = special === 'sub';
  const degree = sub ? 5 : numeral.degree;
  const small = isSmall(numeral.members) && !sub;
  const prefix = sub ? '' : accidentalAscii(writtenAlteration(numeral, local, small, school));
  if (school.numeralCase !== 'quality' && !sub) {
    const capitals = capitalParts(numeral, local, school, description, prefix);
    if (capitals) return capitals;
  }
  const roman = (sub ? 'sub' : '') + (small ? ROMAN[degree - 1]!.toLowerCase() : ROMAN[degree - 1]!);
  const signs = qualitySigns(numeral, local, school, description);
  // Where bare capitals mean the key's own chord, another one says that it is major or dominant.
  if (school.numeralCase === 'capitals-bare' && !small && !signs.quality && !signs.word)
    signs.word = sayMajor(description.seventh !== null, school);
  const { figures, bass } = inversionParts(numeral, local, school, description);
  return parts(prefix, roman, signs.quality, signs.word, figures, signs.rest, bass);
}

function inversionIndex(numeral: Numeral): number {
  return numeral.members.findIndex(
    (m) => m.degree === numeral.lowest.degree && m.alteration === numeral.lowest.alteration,
  );
}

/** The accidental written before the numeral; see rootAlteration in the reader. */
function writtenAlteration(numeral: Numeral, local: Key, small: boolean, school: School): number {
  const { degree, alteration } = numeral;
  if (local.mode !== 'minor' || degree < 6) return alteration;
  if (small) return alteration > 1 ? alteration : alteration - 1;
  if (alteration === 0) return school.minorDegrees === 'flat' ? -1 : 0;
  return alteration < 0 ? alteration - 1 : alteration;
}

/** Quality sign, maj, and what stands after the figures. */
function qualitySigns(
  numeral: Numeral,
  local: Key,
  school: School,
  description: Description,
): { quality: NumeralParts['quality']; word: string; rest: string } {
  const { triad, seventh, added, omitted } = description;
  let quality: NumeralParts['quality'] = triad === 'augmented' ? '+' : '';
  let word = '';
  const extra: string[] = [];
  if (triad === 'diminished') quality = seventh === 'minor' ? 'ø' : 'o';
  if (triad === 'diminished' && seventh === 'major') word = 'maj';
  else if (seventh !== null && triad !== 'diminished') {
    const written = seventh === 'major' ? 0 : -1;
    const plain = usesScale(school) ? diatonicExtension(local, numeral.degree, numeral.alteration, 7) : -1;
    if (numeral.special === 'sub' ? written === 0 : written !== plain) {
      if (written === 0) word = 'maj';
      else extra.push('b7');
    }
  }
  const altered = description.altered.map((m) =>
    m.alteration === 0 ? `(${m.degree})` : accidentalAscii(m.alteration) + m.degree,
  );
  const naturals = usesScale(school)
    ? naturalExtensions(
        numeral,
        local,
        description,
        word !== '' || quality === 'o' || quality === 'ø' || extra.length > 0,
      )
    : [];
  const flatFive = triad === 'flat-five' ? ['b5'] : [];
  let rest = [...flatFive, ...altered, ...naturals].join('');
  if (triad.startsWith('sus')) rest += triad;
  for (const member of description.sixth ? [{ degree: 6, alteration: 0 }, ...added] : added) {
    extra.push(`add${accidentalAscii(member.alteration)}${member.degree}`);
  }
  const left = triad === 'power' ? [...omitted, 3] : omitted;
  if (left.length > 0) extra.push(`no${left.join(',')}`);
  return { quality, word, rest: rest + extra.map((part) => `[${part}]`).join('') };
}

/** Whether a bare seventh or extension is the scale's own. Symbol suffixes always say theirs. */
function usesScale(school: School): boolean {
  return school.sevenths === 'diatonic' && school.numeralCase === 'quality';
}

/** In the diatonic school an extension off the scale has to be said. */
function naturalExtensions(
  numeral: Numeral,
  local: Key,
  description: Description,
  explicit: boolean,
): string[] {
  if (explicit) return [];
  const said: string[] = [];
  for (const degree of [9, 11, 13] as const) {
    const member = numeral.members.find((m) => m.degree === degree && m.alteration === 0);
    if (!member || description.altered.includes(member) || degree > description.top) continue;
    if (diatonicExtension(local, numeral.degree, numeral.alteration, degree) !== member.alteration)
      said.push(`[add${degree}]`);
  }
  return said;
}

function inversionParts(
  numeral: Numeral,
  local: Key,
  school: School,
  description: Description,
): Pick<NumeralParts, 'figures' | 'bass'> {
  const isSeventh = description.seventh !== null;
  const root = isSeventh ? [String(description.top)] : NO_FIGURES;
  const at = inversionIndex(numeral);
  if (at === 0) return { figures: root, bass: '' };
  const { degree, alteration } = numeral.lowest;
  const inversion = STACK_DEGREES.indexOf(degree);
  const plainStack = at > 0 && inversion >= 0 && (isSeventh || inversion < 3);
  if (!plainStack || (school.inversion === 'figures' && description.top > 7)) {
    const same = at < 0 || numeral.members.filter((m) => m.degree === degree).length > 1;
    return { figures: root, bass: `[bass${same ? accidentalAscii(alteration) || 'n' : ''}${degree}]` };
  }
  switch (school.inversion) {
    case 'letters':
      return { figures: root, bass: 'abcd'[inversion]! };
    case 'slash': {
      const { bass } = chordOfNumeral({ ...numeral, target: null }, local);
      return {
        figures: root,
        bass: `/${school.letters === 'english' ? printNoteName(bass) : displayNoteName(bass, school.letters)}`,
      };
    }
    case 'words':
      return { figures: root, bass: `, ${INVERSION_WORDS[inversion]}` };
    default:
      return { figures: (isSeventh ? SEVENTH_FIGURES : TRIAD_FIGURES)[inversion]!, bass: '' };
  }
}

/**
 * All capitals: bare when the key gives the quality, else with a symbol's suffix. Null when neither can say
 * it.
 */
function capitalParts(
  numeral: Numeral,
  local: Key,
  school: School,
  description: Description,
  prefix: string,
): NumeralParts | null {
  const roman = ROMAN[numeral.degree - 1]!;
  const inversion = inversionParts(numeral, local, school, description);
  const suffix = symbolSuffix(description, numeral.members, { school: school.symbols });
  const inverted =
    school.inversion === 'figures' && inversion.figures.length > 0 && inversionIndex(numeral) > 0;
  const top = description.seventh === null ? 5 : description.top;
  if (
    school.numeralCase === 'capitals-bare' &&
    numeral.alteration === diatonicNumeral(local, numeral.degree).alteration
  ) {
    const plain = diatonicNumeral(local, numeral.degree, top as 5 | 7 | 9 | 11 | 13).members;
    const same =
      plain.length === numeral.members.length &&
      plain.every(
        (m, i) => m.degree === numeral.members[i]!.degree && m.alteration === numeral.members[i]!.alteration,
      );
    if (same) return parts('', roman, '', '', inversion.figures, '', inversion.bass);
  }
  // A figured inversion replaces the 7 of the suffix; only plain sevenths and triads can be said so.
  if (inverted) {
    const plain = /^(m|-|min|\+|aug|dim|°)?(7)?$/.exec(suffix);
    const half = /^(?:(?:m|-|min)7b5|ø7)$/.test(suffix);
    const major = /^(?:maj7|M7|△7)$/.test(suffix);
    if (half) return parts(prefix, roman, '', 'ø', inversion.figures);
    if (major) return parts(prefix, roman, '', suffix.slice(0, -1), inversion.figures);
    if (!plain) return null;
    return parts(
      prefix,
      roman,
      '',
      plain[1] ?? sayMajor(description.seventh !== null, school),
      inversion.figures,
    );
  }
  if (/^5|6|sus|add|no|alt|\(/.test(suffix)) return null;
  const word = /^(?:\d|$)/.test(suffix) ? sayMajor(suffix !== '', school) + suffix : suffix;
  return parts(prefix, roman, '', word, NO_FIGURES, '', inversion.bass);
}

/** The word that keeps a major or dominant chord from being read as the key's own. */
function sayMajor(seventh: boolean, school: School): string {
  if (school.numeralCase !== 'capitals-bare') return '';
  return seventh ? 'dom' : 'maj';
}

/**
 * Parts for the eye. The cadential six-four is shown as the school teaches it:
 * over the dominant, V6/4–, or as I6/4; in plain text it stays Cad64.
 */
export function typesetParts(numeral: Numeral, key: Key, school: School = DEFAULT_SCHOOL): NumeralParts {
  const plain = numeralParts(numeral, key, school);
  if (numeral.special !== 'Cad') return plain;
  if (school.cadentialSixFour === 'dominant') return { ...plain, roman: 'V', rest: '–' };
  return { ...plain, roman: isSmall(numeral.members) ? 'i' : 'I' };
}

/** A numeral in plain text, `V65/ii`, `viiø7`, `Ger+6`: parseNumeral reads it back in the same school. */
export function printNumeral(
  numeral: Numeral,
  key: Key,
  school: School = DEFAULT_SCHOOL,
  detail: Detail = 'exact',
): string {
  return partsText(numeralParts(numeral, key, school, detail));
}

/** Joins the parts into plain text. */
export function partsText(parts: NumeralParts): string {
  const own =
    parts.prefix +
    parts.roman +
    parts.quality +
    parts.word +
    parts.figures.join('') +
    parts.rest +
    parts.bass;
  if (!parts.target) return own;
  const target = partsText(parts.target);
  switch (parts.joint) {
    case 'of':
      return `${own} of ${target}`;
    case 'arrow':
      return `(${own})→${target}`;
    case 'none':
      return `${own}→${target}`;
    default:
      return `${own}/${target}`;
  }
}
