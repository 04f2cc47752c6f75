import { describe, shorten, type Detail } from '../chord/describe';
import type { Key } from '../key/key';
import { accidentalAscii } from '../pitch/print';
import { isSmall } from './diatonic';
import { isAugmentedSixthName, localKey, type Numeral } from './numeral';
import { DEFAULT_LABEL_STYLE, type LabelStyle } from '../school/school';
import { capitalParts, sayMajor } from './numeralCapitals';
import {
  type NumeralParts,
  ROMAN,
  TRIAD_FIGURES,
  SEVENTH_FIGURES,
  NO_FIGURES,
  inversionIndex,
  qualitySigns,
  inversionParts,
  parts,
} from './numeralParts';

/** Takes a numeral apart for the given school. The key decides what goes without saying. */
export function numeralParts(
  numeral: Numeral,
  key: Key,
  school: LabelStyle = DEFAULT_LABEL_STYLE,
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

function ownParts(numeral: Numeral, local: Key, school: LabelStyle, detail: Detail): NumeralParts {
  const { special } = numeral;
  if (isAugmentedSixthName(special)) {
    const { degree, alteration } = numeral.lowest;
    const turned = degree === 1 ? '' : `[bass${accidentalAscii(alteration)}${degree}]`;
    return parts('', special, '+', '', ['6'], '', turned);
  }
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

/** The accidental written before the numeral; see rootAlteration in the reader. */
function writtenAlteration(numeral: Numeral, local: Key, small: boolean, school: LabelStyle): number {
  const { degree, alteration } = numeral;
  if (local.mode !== 'minor' || degree < 6) return alteration;
  if (small) return alteration > 1 ? alteration : alteration - 1;
  if (alteration === 0) return school.minorDegrees === 'flat' ? -1 : 0;
  return alteration < 0 ? alteration - 1 : alteration;
}

/**
 * Parts for the eye. The cadential six-four is shown as the school teaches it:
 * over the dominant, V6/4–, or as I6/4; in plain text it stays Cad64.
 */
export function typesetParts(
  numeral: Numeral,
  key: Key,
  school: LabelStyle = DEFAULT_LABEL_STYLE,
): NumeralParts {
  const plain = numeralParts(numeral, key, school);
  if (numeral.special !== 'Cad') return plain;
  if (school.cadentialSixFour === 'dominant') return { ...plain, roman: 'V', rest: '–' };
  return { ...plain, roman: isSmall(numeral.members) ? 'i' : 'I' };
}

/** A numeral in plain text, `V65/ii`, `viiø7`, `Ger+6`: parseNumeral reads it back in the same school. */
export function printNumeral(
  numeral: Numeral,
  key: Key,
  school: LabelStyle = DEFAULT_LABEL_STYLE,
  detail: Detail = 'exact',
): string {
  return partsText(numeralParts(numeral, key, school, detail));
}

/** Words of inversion, which come after the target: V7 of ii, first inversion; empty where there are none. */
export function wordsAfterTarget({ target, bass }: NumeralParts): string {
  return target && bass.startsWith(',') ? bass : '';
}

/** Joins the parts into plain text. */
export function partsText(parts: NumeralParts): string {
  const words = wordsAfterTarget(parts);
  const own =
    parts.prefix +
    parts.roman +
    parts.quality +
    parts.word +
    parts.figures.join('') +
    parts.rest +
    (words ? '' : parts.bass);
  if (!parts.target) return own;
  const target = partsText(parts.target) + words;
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
