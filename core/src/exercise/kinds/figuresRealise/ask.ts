import { TheoryError } from '../../../errors';
import { printKey } from '../../../key/key';
import { notesOfFigures, parseFigure, printFigure, shortFigures } from '../../../label/figures';
import { chordOfNumeral } from '../../../label/numeral';
import { parseNumeral } from '../../../label/numeralParse';
import { numeralsForNotes } from '../../../label/numeralsFor';
import { printNumeral } from '../../../label/numeralPrint';
import { parseNote } from '../../../pitch/parse';
import { printNote } from '../../../pitch/print';
import { readFiguresWorking } from '../../../working/figuresWorking';
import { keyIn, textsIn } from '../../ask/given';
import { rounded, writingDifficulty } from '../../ask/onStaff';
import type { Asking, Given } from '../../ask/question';
import { cleanSetting, settingAnswers } from '../partsComplete/setting';
import { rollTaughtLine } from '../progressionLabel/line';

const bassesIn = (given: Given) => textsIn(given, 'basses').map((text) => parseNote(text));

/** The figures over each bass note. Throws TheoryError `request` where there are none. */
function figuresIn(given: Given) {
  const figures = given['figures'];
  const isList = (one: unknown) => Array.isArray(one) && one.every((text) => typeof text === 'string');
  if (!Array.isArray(figures) || !figures.every(isList) || figures.length !== bassesIn(given).length)
    throw new TheoryError(
      'request',
      'figures',
      'there are not figures for each bass note.',
      'Give the question as it was asked.',
    );
  return (figures as string[][]).map((own) => own.map(parseFigure));
}

/** The numerals that a figured bass makes in its key, chord by chord. */
export function numeralsOfBass(given: Given): string[] {
  const key = keyIn(given);
  const figures = figuresIn(given);
  return bassesIn(given).map((bass, at) =>
    printNumeral(numeralsForNotes(notesOfFigures(bass, figures[at]!, key), key)[0]!.numeral, key),
  );
}

const settingOf = (given: Given) =>
  cleanSetting(
    keyIn(given),
    numeralsOfBass(given),
    bassesIn(given).map((bass) => [null, null, null, bass]),
  );

/** A figured bass; it is set for four voices. */
export const ASK_FIGURES_REALISE: Asking = {
  id: 'figures-realise',
  takes: ['keys', 'length', 'untaught'],
  usual: { length: 5 },
  roll(dice, material) {
    const rolled = rollTaughtLine(dice, material);
    const voices = rolled && cleanSetting(rolled.key, rolled.line);
    if (!voices) return null;
    const { key, line } = rolled;
    const figures = line.map((text) =>
      shortFigures(chordOfNumeral(parseNumeral(text, key), key), key).map(printFigure),
    );
    const basses = voices.map(([, , , bass]) => printNote(bass));
    const given = { clef: 'grand', key: printKey(key), basses, figures };
    return numeralsOfBass(given).join(' ') === line.join(' ') ? given : null;
  },
  answers: (given) => settingAnswers(settingOf(given)),
  difficulty(given) {
    const figures = figuresIn(given);
    const altered = figures.flat().filter(({ sign, raise }) => sign !== null || raise).length;
    return {
      chords: rounded(0.4 * figures.length),
      figures: rounded(0.1 * figures.flat().length),
      ...(altered > 0 ? { 'altered figures': rounded(0.4 * altered) } : {}),
      ...writingDifficulty(keyIn(given), bassesIn(given)),
    };
  },
  steps(given) {
    const figures = figuresIn(given);
    return bassesIn(given).flatMap((bass, at) =>
      readFiguresWorking(bass, figures[at]!, keyIn(given)).slice(-1),
    );
  },
};
