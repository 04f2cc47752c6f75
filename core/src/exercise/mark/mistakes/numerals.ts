import { attempt } from '../../../errors';
import { parseKey, type Key } from '../../../key/key';
import { degreeOf, scaleOf } from '../../../key/scale';
import { diatonicNumeral } from '../../../label/diatonic';
import { notesOfFigures, parseFigure, printFigure } from '../../../label/figures';
import { printNumeral } from '../../../label/numeralPrint';
import { parseNumeral } from '../../../label/numeralParse';
import { midiNumber } from '../../../pitch/note';
import { parseNote, parseNoteName } from '../../../pitch/parse';
import { printNoteName } from '../../../pitch/print';
import type { Given } from '../../ask/question';
import type { FiguredAnswer } from '../answer';
import type { Mistake } from '../mistake';

const ROMAN = ['I', 'II', 'III', 'IV', 'V', 'VI', 'VII'];
const LABELLED = ['numeral-label', 'figures-name'];

/** A numeral taken apart as it is written. */
interface Parts {
  readonly sign: string;
  readonly roman: string;
  readonly quality: string;
  readonly figures: string;
  readonly target: string;
}
type Turn = (parts: Parts, given: Given) => readonly Partial<Parts>[];

function partsOf(text: string): Parts | null {
  const found = /^([b#]*)([IViv]+)(o|ø|\+)?(\d*)((?:\/.*)?)$/.exec(text);
  if (!found) return null;
  const [, sign = '', roman = '', quality = '', figures = '', target = ''] = found;
  return { sign, roman, quality, figures, target };
}

/** A mistake in writing a numeral, or in reading the one that is to be built. */
function aboutNumeral(id: string, turn: Turn, built = true): Mistake {
  return {
    id,
    kinds: built ? [...LABELLED, 'numeral-build'] : LABELLED,
    slips(right, given, kind) {
      if (kind === 'numeral-label') return turned(String(right), turn, given);
      if (kind !== 'figures-name') return [];
      const { notes, numeral } = right as FiguredAnswer;
      return turned(numeral, turn, given).map((other) => ({ notes, numeral: other }));
    },
    misreads: (given, kind) =>
      kind === 'numeral-build'
        ? turned(String(given['numeral']), turn, given).map((numeral) => ({ ...given, numeral }))
        : [],
  };
}

function turned(text: string, turn: Turn, given: Given): string[] {
  const parts = partsOf(text);
  if (!parts) return [];
  const key = parseKey(String(given['key']));
  return turn(parts, given).flatMap((change) => {
    const { sign, roman, quality, figures, target } = { ...parts, ...change };
    const read = attempt(() =>
      printNumeral(parseNumeral(sign + roman + quality + figures + target, key), key),
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
  return [{ figures: TRIADS[at] ?? '', quality: quality === 'ø' ? 'o' : quality }];
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
const notRaised: Turn = ({ roman, quality }, given) => {
  if (parseKey(String(given['key'])).mode !== 'minor') return [];
  if (roman === 'V') return [{ roman: 'v' }];
  return roman === 'vii' && quality !== '' ? [{ roman: 'VII', quality: '' }] : [];
};

const lowestNote = (given: Given): string | undefined => {
  if (typeof given['bass'] === 'string') return given['bass'];
  const notes = (given['notes'] as string[] | undefined) ?? [];
  return notes
    .map((text) => parseNote(text))
    .sort((a, b) => midiNumber(a) - midiNumber(b))
    .map(printNoteName)[0];
};

/** The numeral in root position on the lowest note. */
function onLowest(given: Given, key: Key): string[] {
  const lowest = lowestNote(given);
  if (lowest === undefined) return [];
  const { degree, alteration } = degreeOf(key, parseNoteName(lowest.replace(/-?\d$/, '')));
  if (alteration !== 0 && !(key.mode === 'minor' && degree === 7)) return [];
  return ([5, 7] as const).flatMap((top) => {
    const numeral = attempt(() => printNumeral(diatonicNumeral(key, degree, top), key));
    return numeral.ok ? [numeral.value] : [];
  });
}

const lowestForRoot: Mistake = {
  id: 'lowest-for-root',
  kinds: ['numeral-label'],
  slips: (_, given) => onLowest(given, parseKey(String(given['key']))),
};

const figuresFromRoot: Mistake = {
  id: 'figures-for-root-position',
  kinds: ['figures-name'],
  slips(right, given) {
    const key = parseKey(String(given['key']));
    const { notes } = right as FiguredAnswer;
    const bass = parseNoteName(notes[0]!);
    const scale = scaleOf(key);
    const stack = (count: number) => {
      const at = scale.findIndex(({ step }) => step === bass.step);
      return [notes[0]!, ...[2, 4, 6].slice(0, count).map((up) => printNoteName(scale[(at + up) % 7]!))];
    };
    const [triad, seventh] = onLowest(given, key);
    return [
      ...(triad === undefined
        ? []
        : [
            { notes: stack(2), numeral: triad },
            { notes, numeral: triad },
          ]),
      ...(seventh === undefined
        ? []
        : [
            { notes: stack(3), numeral: seventh },
            { notes, numeral: seventh },
          ]),
    ];
  },
};

const signOfFigureForgotten: Mistake = {
  id: 'figure-sign-forgotten',
  kinds: ['figures-name'],
  misreads(given) {
    const figures = given['figures'] as string[];
    const plain = figures.flatMap((text) => {
      const figure = parseFigure(text);
      // A sign alone stands for the third.
      const number = /\d+/.exec(printFigure(figure))?.[0];
      return number === undefined ? [] : [number];
    });
    return [{ ...given, figures: plain }];
  },
};

const sharpForNatural: Mistake = {
  id: 'sharp-for-natural',
  kinds: ['figures-name'],
  slips(right, given) {
    const key = parseKey(String(given['key']));
    const { notes, numeral } = right as FiguredAnswer;
    const bass = parseNoteName(notes[0]!);
    const figures = (given['figures'] as string[]).map(parseFigure);
    const unsigned = figures.map((figure) => ({ ...figure, sign: null, raise: false }));
    const plain = notesOfFigures(bass, unsigned, key);
    const changed = notes.map((text) => {
      const name = parseNoteName(text);
      const before = plain.find(({ step }) => step === name.step);
      return before && before.alteration < 0 && name.alteration === 0
        ? printNoteName({ ...name, alteration: 1 })
        : text;
    });
    return [{ notes: changed, numeral }];
  },
};

const CADENCES: readonly (readonly [id: string, a: string, b: string])[] = [
  ['cadence-by-first-chord', 'authentic', 'deceptive'],
  ['cadence-by-last-chord', 'authentic', 'plagal'],
  ['cadence-turned-round', 'authentic', 'half'],
  ['half-for-plagal', 'half', 'plagal'],
];
const cadences: readonly Mistake[] = CADENCES.map(([id, a, b]) => ({
  id,
  kinds: ['cadence-name', 'cadence-write', 'listen'],
  slips: (right, _, kind) => (kind === 'cadence-write' ? [] : right === a ? [b] : right === b ? [a] : []),
  misreads(given, kind) {
    if (kind !== 'cadence-write') return [];
    const cadence = given['cadence'] === a ? b : given['cadence'] === b ? a : null;
    return cadence === null ? [] : [{ ...given, cadence }];
  },
}));

/** What goes wrong with numerals, figured basses and cadences, the likeliest first. */
export const NUMERAL_MISTAKES: readonly Mistake[] = [
  aboutNumeral('inversion-ignored', ignored),
  aboutNumeral('leading-note-not-raised', notRaised),
  aboutNumeral('case-wrong', caseWrong),
  lowestForRoot,
  figuresFromRoot,
  signOfFigureForgotten,
  sharpForNatural,
  aboutNumeral('six-and-six-four-exchanged', sixFour),
  aboutNumeral('quality-sign-forgotten', signForgotten),
  aboutNumeral('seventh-left-out', seventhLeft),
  aboutNumeral('seventh-added', seventhAdded),
  aboutNumeral('target-for-dominant', targetForDominant),
  aboutNumeral('applied-as-diatonic', asDiatonic),
  aboutNumeral('target-left-out', targetLeft),
  aboutNumeral('inversion-off-by-one', offByOne),
  aboutNumeral('degree-off-by-one', degreeOff),
  ...cadences,
];
