import { printFigure } from '../label/figures';
import type { FiguresStep } from '../working/step';
import { a, cap, glyphs, list } from './grammar';
import { numberWord } from './intervals';
import type { Sayings } from './say';

/** What is said at each step of working with figured bass. */
export const FIGURES_SAYINGS: Sayings<FiguresStep> = {
  'full-figures': (step, { strong, name }) => {
    const written = glyphs(step.written.map(printFigure).join(' '));
    const whole = list(step.full.map(({ number }) => a(numberWord(number))));
    const same = step.written.length === step.full.length;
    const signs = step.signed.map(
      ({ number, plain, note }) =>
        `; the sign makes the ${numberWord(number)} ${name(note)}, not ${name(plain)}`,
    );
    return [
      step.written.length === 0 ? 'No figures mean ' : `${written} ${same ? 'means' : 'stands for'} `,
      strong(same ? whole : step.full.map(({ number }) => number).join(' ')),
      ...(same ? [' above the bass'] : []),
      ...signs,
      '.',
    ];
  },
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
