import { printFigure } from '../label/figures';
import type { FiguresStep } from '../working/step';
import { a, cap, glyphs } from './grammar';
import { numberWord } from './intervals';
import type { Sayings } from './say';

/** What is said at each step of working with figured bass. */
export const FIGURES_SAYINGS: Sayings<FiguresStep> = {
  'full-figures': (step, { strong }) => [
    step.written.length === 0
      ? 'No figures mean '
      : `${glyphs(step.written.map(printFigure).join(' '))} stands for `,
    strong(step.full.map((f) => f.number).join(' ')),
    '.',
  ],
  figure: (step, { name, strong }) => [
    `${figureWord(step.figure.number)} above ${name(step.bass)} is `,
    strong(name(step.note)),
    step.changed ? ', with its own sign because the signature has it otherwise.' : '.',
  ],
  'short-figures': (step, { strong }) =>
    step.short.length === 0
      ? [`${step.full.join(' ')} is understood, so nothing is written.`]
      : step.short.join() === step.full.join()
        ? ['Write ', strong(glyphs(step.short.join(' '))), '.']
        : [`${glyphs(step.full.join(' '))} is written short: `, strong(glyphs(step.short.join(' '))), '.'],
};

function figureWord(number: number): string {
  return cap(a(numberWord(number)));
}
