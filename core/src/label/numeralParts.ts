import { type Description } from '../chord/describe';
import { INVERSION_WORDS } from '../chord/inversionNames';
import type { Key } from '../key/key';
import { accidentalAscii, displayNoteName, printNoteName } from '../pitch/print';
import { diatonicExtension } from './diatonic';
import { chordOfNumeral, type Numeral } from './numeral';
import { type LabelStyle } from '../school/school';

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

export const ROMAN = ['I', 'II', 'III', 'IV', 'V', 'VI', 'VII'];

export const TRIAD_FIGURES: readonly (readonly string[])[] = [[], ['6'], ['6', '4']];

/** Degrees of the stack by inversion. */
const STACK_DEGREES = [1, 3, 5, 7];

export const SEVENTH_FIGURES: readonly (readonly string[])[] = [['7'], ['6', '5'], ['4', '3'], ['4', '2']];

export const NO_FIGURES: readonly string[] = [];

export function inversionIndex(numeral: Numeral): number {
  return numeral.members.findIndex(
    (m) => m.degree === numeral.lowest.degree && m.alteration === numeral.lowest.alteration,
  );
}

/** Quality sign, maj, and what stands after the figures. */
export function qualitySigns(
  numeral: Numeral,
  local: Key,
  school: LabelStyle,
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
    const scaled = usesScale(school) && triad !== 'minor';
    const plain = scaled ? diatonicExtension(local, numeral.degree, numeral.alteration, 7) : -1;
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
function usesScale(school: LabelStyle): boolean {
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

export function inversionParts(
  numeral: Numeral,
  local: Key,
  school: LabelStyle,
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

/** Parts without a target; written out, as spreading objects is slow on this hot path. */
export function parts(
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
