import { TheoryError } from '../../../errors';
import { notesOfFigures, parseFigure } from '../../../label/figures';
import { printNumeral } from '../../../label/numeralPrint';
import { numeralsForNotes } from '../../../label/numeralsFor';
import { cleanVoicing, voicingAnswers } from '../../fourVoices';
import { rounded, writingDifficulty } from '../../generating/staffWriting';
import { keyIn, notesIn } from '../../givenReading';
import type { DifficultyParts } from '../../question';
import type { FiguresRealiseGiven } from './given';

/** The figures over each bass note. Throws TheoryError `request` where there are not as many. */
export function figuresOver({ figures, basses }: FiguresRealiseGiven) {
  if (figures.length !== basses.length)
    throw new TheoryError(
      'request',
      'figures',
      'there are not figures for each bass note.',
      'Give the question as it was asked.',
    );
  return figures.map((own) => own.map(parseFigure));
}

/** The numerals that a figured bass makes in its key, chord by chord. */
export function numeralsOfBass(given: FiguresRealiseGiven): string[] {
  const key = keyIn(given);
  const figures = figuresOver(given);
  return notesIn(given.basses).map((bass, at) =>
    printNumeral(numeralsForNotes(notesOfFigures(bass, figures[at]!, key), key)[0]!.numeral, key),
  );
}

/** The smoothest setting that breaks no rule. */
export const solveFiguresRealise = (
  given: FiguresRealiseGiven,
): readonly (readonly (readonly string[])[])[] =>
  voicingAnswers(
    cleanVoicing(
      keyIn(given),
      numeralsOfBass(given),
      notesIn(given.basses).map((bass) => [null, null, null, bass]),
    ),
  );

export function figuresRealiseDifficulty(given: FiguresRealiseGiven): DifficultyParts {
  const figures = figuresOver(given);
  const altered = figures.flat().filter(({ sign, raise }) => sign !== null || raise).length;
  return {
    chords: rounded(0.4 * figures.length),
    figures: rounded(0.1 * figures.flat().length),
    ...(altered > 0 ? { 'altered figures': rounded(0.4 * altered) } : {}),
    ...writingDifficulty(keyIn(given), notesIn(given.basses)),
  };
}
