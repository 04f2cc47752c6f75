import { type Member } from '../chord/chord';
import { type Key } from '../key/key';
import { diatonicNumeral } from './diatonic';
import { bad } from './numeralSigns';
import { AUGMENTED_SIXTHS, DOUBLY_AUGMENTED, type Numeral, type SpecialNumeral, ROOT } from './numeral';

/** Whether a name of its own may follow: N, It, Fr, Ger, Cad, CT. */
export function mayBeSpecial(own: string): boolean {
  const char = own[0];
  return char === 'N' || char === 'F' || char === 'G' || char === 'C' || (char === 'I' && own[1] === 't');
}

/** The members of a diminished seventh chord. */
export const DIMINISHED_SEVENTH: readonly Member[] = [
  ROOT,
  { degree: 3, alteration: -1 },
  { degree: 5, alteration: -1 },
  { degree: 7, alteration: -2 },
];

/** N, N6, It+6, Ger65, Fr43, Cad64, CTo7 and their inversions. */
export function readSpecial(own: string, text: string, key: Key, target: Numeral | null): Numeral | null {
  const sixth = /^(It|Fr|Ger)(?:\+?6(?:\/?5)?|\+?4\/?3|\+)?(?:\[bass(##?)?([3-6])\])?$/.exec(own);
  if (sixth) {
    const name = sixth[1] as 'It' | 'Fr' | 'Ger';
    const list = sixth[2] === '##' && name === 'Ger' ? DOUBLY_AUGMENTED : AUGMENTED_SIXTHS[name];
    if (sixth[3] === undefined) return special(name, list, ROOT, 6, target);
    const lowest = list.find(
      (m) => m.degree === Number(sixth[3]) && m.alteration === (sixth[2]?.length ?? 0),
    );
    if (!lowest) throw bad(text, `“${own}” names a lowest note that is not in the chord.`);
    return special(name, list, lowest, 6, target);
  }
  if (/^(?:It|Fr|Ger)/.test(own)) throw bad(text, `“${own}” is not an augmented sixth.`);
  const major: Member[] = [ROOT, { degree: 3, alteration: 0 }, { degree: 5, alteration: 0 }];
  if (/^Cad/.test(own)) {
    if (/^Cad(?:6\/?4)?$/.test(own))
      return special('Cad', diatonicNumeral(key, 1).members, { degree: 5, alteration: 0 }, 1, target);
    throw bad(text, 'the cadential six-four is written Cad64.');
  }
  const neapolitan = /^N(6\/?4|6)?$/.exec(own);
  if (neapolitan) {
    const lowest = neapolitan[1] === undefined ? 0 : neapolitan[1] === '6' ? 1 : 2;
    return special('N', major, major[lowest]!, 2, target);
  }
  const commonTone = /^CT(?:o|°|dim)(7|6\/?5|4\/?3|4\/?2|2)?$/.exec(own);
  if (commonTone) {
    const figures = (commonTone[1] ?? '7').replace('/', '');
    const index = figures === '7' ? 0 : figures === '65' ? 1 : figures === '43' ? 2 : 3;
    return special('CT', DIMINISHED_SEVENTH, DIMINISHED_SEVENTH[index]!, 2, target);
  }
  return null;
}

export function special(
  name: SpecialNumeral,
  list: readonly Member[],
  lowest: Member,
  degree: number,
  target: Numeral | null,
): Numeral {
  return { degree, alteration: 0, members: list, lowest, special: name, target };
}
