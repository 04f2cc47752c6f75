import { type Description } from '../chord/describe';
import { symbolSuffix } from '../chord/symbolPrint';
import type { Key } from '../key/key';
import { diatonicNumeral } from './diatonic';
import { type Numeral } from './numeral';
import { type LabelStyle } from '../school/school';
import { type NumeralParts, ROMAN, NO_FIGURES, inversionIndex, inversionParts, parts } from './numeralParts';

/**
 * All capitals: bare when the key gives the quality, else with a symbol's suffix. Null when neither can say
 * it.
 */
export function capitalParts(
  numeral: Numeral,
  local: Key,
  school: LabelStyle,
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
export function sayMajor(seventh: boolean, school: LabelStyle): string {
  if (school.numeralCase !== 'capitals-bare') return '';
  return seventh ? 'dom' : 'maj';
}
