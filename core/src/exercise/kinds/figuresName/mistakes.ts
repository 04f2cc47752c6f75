import { scaleOf } from '../../../key/scale';
import { notesOfFigures, parseFigure, printFigure } from '../../../label/figures';
import { parseNoteName } from '../../../pitch/parse';
import { printNoteName } from '../../../pitch/print';
import type { FiguredAnswer } from '../../answers/figuredAnswer';
import { keyIn, nameIn } from '../../givenReading';
import type { Mistake } from '../../mistakes/mistake';
import {
  FIRST_TURNS,
  type NumeralTurn,
  OTHER_TURNS,
  numeralsOnLowest,
  otherNumerals,
} from '../../mistakes/numerals';
import { type Reread, staffReading, stepOff } from '../../mistakes/reading';
import type { FiguresNameGiven } from './given';

type FiguredMistake = Mistake<FiguresNameGiven, FiguredAnswer>;

const reread: Reread<FiguresNameGiven> = (given, read) => ({ ...given, bass: read(given.bass) });

const inNumeral = (turn: NumeralTurn): FiguredMistake => ({
  id: turn.id,
  slips: ({ notes, numeral }, given) =>
    otherNumerals(numeral, turn, keyIn(given)).map((other) => ({ notes, numeral: other })),
});

const rootPosition: FiguredMistake = {
  id: 'figures-for-root-position',
  slips({ notes }, given) {
    const key = keyIn(given);
    const bass = parseNoteName(notes[0]!);
    const scale = scaleOf(key);
    const stack = (count: number) => {
      const at = scale.findIndex(({ step }) => step === bass.step);
      return [notes[0]!, ...[2, 4, 6].slice(0, count).map((up) => printNoteName(scale[(at + up) % 7]!))];
    };
    const [triad, seventh] = numeralsOnLowest(nameIn(given.bass), key);
    const both = (numeral: string | undefined, count: number) =>
      numeral === undefined
        ? []
        : [
            { notes: stack(count), numeral },
            { notes, numeral },
          ];
    return [...both(triad, 2), ...both(seventh, 3)];
  },
};

const signForgotten: FiguredMistake = {
  id: 'figure-sign-forgotten',
  misreads(given) {
    const plain = given.figures.flatMap((text) => {
      // A sign alone stands for the third.
      const number = /\d+/.exec(printFigure(parseFigure(text)))?.[0];
      return number === undefined ? [] : [number];
    });
    return [{ ...given, figures: plain }];
  },
};

const sharpForNatural: FiguredMistake = {
  id: 'sharp-for-natural',
  slips({ notes, numeral }, given) {
    const bass = parseNoteName(notes[0]!);
    const unsigned = given.figures.map((text) => ({ ...parseFigure(text), sign: null, raise: false }));
    const plain = notesOfFigures(bass, unsigned, keyIn(given));
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

export const FIGURES_NAME_MISTAKES: readonly FiguredMistake[] = [
  ...staffReading(reread),
  stepOff(reread),
  ...FIRST_TURNS.map(inNumeral),
  rootPosition,
  signForgotten,
  sharpForNatural,
  ...OTHER_TURNS.map(inNumeral),
];
