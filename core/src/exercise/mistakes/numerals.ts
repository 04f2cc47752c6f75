import { attempt } from '../../errors';
import type { Key } from '../../key/key';
import { degreeOf } from '../../key/scale';
import { diatonicNumeral } from '../../label/diatonic';
import { parseNumeral } from '../../label/numeralParse';
import { printNumeral } from '../../label/numeralPrint';
import type { NoteName } from '../../pitch/note';

const ROMAN = ['I', 'II', 'III', 'IV', 'V', 'VI', 'VII'];

/** A numeral taken apart as it is written. */
interface Parts {
  readonly sign: string;
  readonly roman: string;
  readonly quality: string;
  /** What says that the seventh is major. */
  readonly major: string;
  readonly figures: string;
  readonly target: string;
}
type Turn = (parts: Parts, key: Key) => readonly Partial<Parts>[];

/** A way of writing or reading one numeral as others. */
export interface NumeralTurn {
  readonly id: string;
  readonly turn: Turn;
}

function partsOf(text: string): Parts | null {
  const found = /^([b#]*)([IViv]+)(o|ø|\+)?(maj)?(\d*)((?:\/.*)?)$/.exec(text);
  if (!found) return null;
  const [, sign = '', roman = '', quality = '', major = '', figures = '', target = ''] = found;
  return { sign, roman, quality, major, figures, target };
}

/** The other numerals that a turn makes of one. */
export function otherNumerals(text: string, { turn }: NumeralTurn, key: Key): string[] {
  const parts = partsOf(text);
  if (!parts) return [];
  return turn(parts, key).flatMap((change) => {
    const { sign, roman, quality, major, figures, target } = { ...parts, ...change };
    const read = attempt(() =>
      printNumeral(parseNumeral(sign + roman + quality + major + figures + target, key), key),
    );
    return read.ok && read.value !== text ? [read.value] : [];
  });
}

const isSmall = (roman: string) => roman === roman.toLowerCase();
const otherCase = (roman: string) => (isSmall(roman) ? roman.toUpperCase() : roman.toLowerCase());
const SEVENTHS = ['7', '65', '43', '42'];
const TRIADS = ['', '6', '64'];
const rowOf = (figures: string) => (SEVENTHS.includes(figures) ? SEVENTHS : TRIADS);

const caseWrong: Turn = ({ roman }) => [{ roman: otherCase(roman), quality: '' }];
const signForgotten: Turn = ({ quality }) => (quality === '' ? [] : [{ quality: '' }]);
const ignored: Turn = ({ figures }) => [{ figures: rowOf(figures)[0]! }];
const sixFour: Turn = ({ figures }) =>
  figures === '6' ? [{ figures: '64' }] : figures === '64' ? [{ figures: '6' }] : [];
const offByOne: Turn = ({ figures }) => {
  const row = rowOf(figures);
  const at = row.indexOf(figures);
  return [at + 1, at - 1]
    .filter((one) => one > 0 && one < row.length && !(row === TRIADS && one + at === 3))
    .map((one) => ({ figures: row[one]! }));
};
const seventhLeft: Turn = ({ figures, quality }) => {
  const at = SEVENTHS.indexOf(figures);
  if (at < 0) return [];
  return [{ figures: TRIADS[at] ?? '', major: '', quality: quality === 'ø' ? 'o' : quality }];
};
/** The seventh as another quality has it: I7 for Imaj7, viiø7 for viio7. */
const seventhOther: Turn = ({ roman, quality, major, figures, target }) => {
  if (major !== '') return [{ major: '' }];
  if (!SEVENTHS.includes(figures)) return [];
  if (quality === 'ø' || quality === 'o') return [{ quality: quality === 'o' ? 'ø' : 'o' }];
  return quality === '' && !isSmall(roman) && target === '' ? [{ major: 'maj' }] : [];
};
const seventhAdded: Turn = ({ figures }) => {
  const at = TRIADS.indexOf(figures);
  return at < 0 ? [] : [{ figures: SEVENTHS[at]! }];
};
const degreeOff: Turn = ({ roman }) => {
  const at = ROMAN.indexOf(roman.toUpperCase());
  return [at + 6, at + 1].map((one) => {
    const other = ROMAN[one % 7]!;
    return { roman: isSmall(roman) ? other.toLowerCase() : other, quality: '' };
  });
};
const targetForDominant: Turn = ({ target, figures }) => {
  const parts = partsOf(target.slice(1));
  if (target === '' || !parts) return [];
  return [
    { ...parts, target: '' },
    { ...parts, figures, target: '' },
  ];
};
const asDiatonic: Turn = ({ roman, target, figures }) => {
  const parts = partsOf(target.slice(1));
  if (target === '' || !parts) return [];
  const at = (ROMAN.indexOf(parts.roman.toUpperCase()) + ROMAN.indexOf(roman.toUpperCase())) % 7;
  return [ROMAN[at]!, ROMAN[at]!.toLowerCase()].map((other) => ({
    roman: other,
    quality: '',
    figures,
    target: '',
  }));
};
const targetLeft: Turn = ({ target }) => (target === '' ? [] : [{ target: '' }]);
const notRaised: Turn = ({ roman, quality }, key) => {
  if (key.mode !== 'minor') return [];
  if (roman === 'V') return [{ roman: 'v' }];
  return roman === 'vii' && quality !== '' ? [{ roman: 'VII', quality: '' }] : [];
};

/** The numerals in root position on a lowest note: the triad, and the seventh chord. */
export function numeralsOnLowest(lowest: NoteName, key: Key): string[] {
  const { degree, alteration } = degreeOf(key, lowest);
  if (alteration !== 0 && !(key.mode === 'minor' && degree === 7)) return [];
  return ([5, 7] as const).flatMap((top) => {
    const numeral = attempt(() => printNumeral(diatonicNumeral(key, degree, top), key));
    return numeral.ok ? [numeral.value] : [];
  });
}

/** What is forgotten first in a numeral, the likeliest first. */
export const FIRST_TURNS: readonly NumeralTurn[] = [
  { id: 'inversion-ignored', turn: ignored },
  { id: 'leading-note-not-raised', turn: notRaised },
  { id: 'case-wrong', turn: caseWrong },
];

/** What else goes wrong in a numeral, the likeliest first. */
export const OTHER_TURNS: readonly NumeralTurn[] = [
  { id: 'six-and-six-four-exchanged', turn: sixFour },
  { id: 'quality-sign-forgotten', turn: signForgotten },
  { id: 'seventh-exchanged', turn: seventhOther },
  { id: 'seventh-left-out', turn: seventhLeft },
  { id: 'seventh-added', turn: seventhAdded },
  { id: 'target-for-dominant', turn: targetForDominant },
  { id: 'applied-as-diatonic', turn: asDiatonic },
  { id: 'target-left-out', turn: targetLeft },
  { id: 'inversion-off-by-one', turn: offByOne },
  { id: 'degree-off-by-one', turn: degreeOff },
];
