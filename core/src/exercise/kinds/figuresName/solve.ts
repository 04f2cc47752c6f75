import { TheoryError } from '../../../errors';
import { notesOfFigures, parseFigure } from '../../../label/figures';
import { printNumeral } from '../../../label/numeralPrint';
import { numeralsForNotes } from '../../../label/numeralsFor';
import type { NoteName } from '../../../pitch/note';
import { parseNote } from '../../../pitch/parse';
import { printNoteName } from '../../../pitch/print';
import type { FiguredAnswer } from '../../answers/figuredAnswer';
import { writingDifficulty } from '../../generating/staffWriting';
import { keyIn } from '../../givenReading';
import type { DifficultyParts } from '../../question';
import type { FiguresNameGiven } from './given';

export const figuresGiven = ({ figures }: FiguresNameGiven) => figures.map(parseFigure);

/** The notes that the figures put over the bass. */
export const notesOverBass = (given: FiguresNameGiven): NoteName[] => [
  ...notesOfFigures(parseNote(given.bass), figuresGiven(given), keyIn(given)),
];

export function solveFiguresName(given: FiguresNameGiven): readonly FiguredAnswer[] {
  const key = keyIn(given);
  const notes = notesOverBass(given);
  const [read] = numeralsForNotes(notes, key);
  if (!read)
    throw new TheoryError(
      'request',
      notes.map(printNoteName).join(' '),
      'no numeral says these notes in this key.',
      'Give a bass and figures that make a chord of the key.',
    );
  return [{ notes: notes.map(printNoteName), numeral: printNumeral(read.numeral, key) }];
}

export function figuresNameDifficulty(given: FiguresNameGiven): DifficultyParts {
  const figures = figuresGiven(given);
  const signs = figures.filter(({ sign, raise }) => sign !== null || raise).length;
  return {
    figures: 0.8 + 0.2 * figures.length,
    ...(signs > 0 ? { 'altered figures': 0.6 * signs } : {}),
    ...writingDifficulty(keyIn(given), notesOverBass(given)),
  };
}
